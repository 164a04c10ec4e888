import { ItemBody } from '../../contract/repertoire';
import { blankItem } from '../../core/repertoire/blank';
import { useItems } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { Choice, Figure, Words, YesNoField } from '../parts/form';
import { ITEM_KIND, options } from '../parts/words';

export default function StorePage() {
  return (
    <EntityPage<ItemBody>
      title="Store"
      noun="item"
      path="/items"
      type={ItemBody}
      query={useItems()}
      fresh={(id) => blankItem(id, 'New item', 'equipment')}
      below={(item) => ITEM_KIND[item.kind]}
      empty="Add equipment, consumables and protective gear; the kit lines of your demos pick from here."
      fields={
        <>
          <Words name="name" label="Name" />
          <Choice name="kind" label="Kind" options={options(ITEM_KIND)} />
          <Words
            name="functionTest"
            label="Function test"
            help="Such as: battery reads above 7 V"
          />
          <YesNoField name="testHolds" label="An undone test holds the show" />
          <Figure
            name="owned"
            label="How many there are"
            optional
            help="Equipment and gear; empty for as many as are asked for"
          />
          <Words name="note" label="Notes" multiline />
        </>
      }
    />
  );
}
