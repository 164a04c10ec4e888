/** The first line of a told demonstration: its name, where it is usually done, and with whom. */
import { upperFirst } from '../words';
import type { Line } from './lines';
import { unquoted } from './quotes';
import { readStep } from './step';
import type { Knows, Told } from './types';

/** “centre” is the Centre table; what no stage has is taken as it is written. */
export function positionCalled(text: string, { positions }: Pick<Knows, 'positions'>): string {
  const plain = text.trim().toLowerCase();
  const exact = positions.find((name) => name.toLowerCase() === plain);
  const begins = positions.filter((name) => name.toLowerCase().split(' ')[0] === plain);
  return exact ?? (begins.length === 1 ? (begins[0] ?? '') : upperFirst(text.trim()).slice(0, 40));
}

/** The first line: the name, and perhaps where it is done and with whom. */
export function readTitle(line: Line, told: Told, knows: Knows): void {
  let text = line.body;
  const literal = unquoted(text);
  if (literal !== null) {
    told.name = literal.replace(/\s+/g, ' ').trim().slice(0, 80);
    return;
  }
  const place = /\s*@\s*([\p{L}][\p{L} ]*)$/u.exec(text);
  if (place) {
    told.usualPosition = positionCalled(place[1] ?? '', knows);
    text = text.slice(0, place.index);
  }
  const people = /,?\s+with\s+(.+)$/i.exec(text);
  const said = people && readStep(`x with ${people[1] ?? ''}`, 0, knows);
  if (people && said && said.besides.length > 0) {
    told.people.push(...said.people);
    const from = line.from + people.index + people[0].search(/with/i);
    told.marks.push({ line: line.number, from, to: line.from + text.length, kind: 'person' });
    text = text.slice(0, people.index);
  }
  // Whoever is named so may not be among the people yet.
  const stranger = /,\s+with\s+(\p{Lu}\p{L}+(?:(?:,\s*|\s+and\s+)\p{Lu}\p{L}+)*)$/u.exec(text);
  if (stranger) {
    told.people.push(...(stranger[1] ?? '').split(/,\s*|\s+and\s+/));
    text = text.slice(0, stranger.index);
  }
  told.name = text.replace(/[,.]$/, '').replace(/\s+/g, ' ').trim().slice(0, 80);
}
