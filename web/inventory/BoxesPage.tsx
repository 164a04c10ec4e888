import { BoxBody } from '../../contract/inventory';
import { useBoxes, useItemNames } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { BaseAmountField } from '../parts/AmountField';
import { Figure, Words } from '../parts/form';
import { counted } from '../../core/words';

export default function BoxesPage() {
  const query = useBoxes();
  const { data: items = [] } = useItemNames();
  const next = Math.max(0, ...(query.data ?? []).map((box) => box.number)) + 1;
  return (
    <EntityPage<BoxBody>
      title="Boxes"
      noun="box"
      path="/boxes"
      type={BoxBody}
      query={query}
      fresh={(id) => ({ id, name: 'New box', number: next, grams: null, note: '' })}
      below={(box) =>
        `Box ${box.number} · ${counted(items.filter((item) => item.boxId === box.id).length, 'item')}`
      }
      empty="A box has a number; say of each item in which box it travels, and packing follows."
      fields={
        <>
          <Words name="name" label="Name" />
          <Figure name="number" label="Number" />
          <BaseAmountField name="grams" label="Weighs empty" kind="mass" optional />
          <Words name="note" label="Notes" multiline />
        </>
      }
    />
  );
}
