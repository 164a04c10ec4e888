/** What a setting of a method is in another case: at home, or with another thing of the kit. */
import type { SettingFigure } from '../core/repertoire/types';
import { Id, Num } from './fields';

export class SettingFigureBody implements SettingFigure {
  @Id()
  settingId!: string;

  @Num(-1e9, 1e9)
  value!: number;
}

/** For a list of them: what is wrong with it, or null. */
export function sameFigureTwice(figures: unknown): string | null {
  const ids = Array.isArray(figures)
    ? figures.map((one: SettingFigure | null) => one?.settingId)
    : [];
  return new Set(ids).size === ids.length ? null : 'has the same figure twice';
}
