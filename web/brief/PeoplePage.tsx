import { PersonBody } from '../../contract/brief';
import { blankPerson } from '../../core/brief/blank';
import { usePeople } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { COMPETENCE, KNOWN, options } from '../parts/words';

export default function PeoplePage() {
  return (
    <EntityPage<PersonBody>
      title="People"
      noun="person"
      path="/people"
      type={PersonBody}
      query={usePeople()}
      fresh={(id) => blankPerson(id, 'New person')}
      below={(person) => person.role || 'No role yet'}
      empty="Add everybody who performs, helps or drives; shows pick their crew from here."
      fields={
        <>
          <Words name="name" label="Name" />
          <Words name="role" label="Role" />
          <Many name="competences" label="May do" options={options(COMPETENCE)} />
          <Choice
            name="heartDevice"
            label="Heart device or implant"
            help="Asked once; magnets and high voltage keep clear of who has one"
            options={options(KNOWN)}
          />
          <Figure
            name="wordsPerMinute"
            label="Speaks, words a minute"
            help="150 until it is measured: count the words of a minute on stage"
            optional
          />
          <YesNoField name="mayWaive" label="May pass over a check, with a reason" />
          <Words name="note" label="Notes" multiline />
        </>
      }
    />
  );
}
