/** What is not as it should be at a stop: which of what is looked at there, and how. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { checksOf, type Stop } from '../../../core/ready/walk/stops';
import { wrongThing } from '../../../core/ready/walk/things';
import { stopName } from './names';

interface WrongProps {
  stop: Stop;
  onClose: () => void;
  onSay: (key: string, what: string) => void;
  /** What could be taken instead of a thing, to be pressed; null where nothing would do. */
  instead: (itemId: string) => React.ReactNode;
}

interface Choice {
  key: string;
  check: string;
  words: string;
  /** Said before what is wrong: the thing’s name; empty where the check is one thing. */
  thing: string;
  /** The thing itself, where the check looks at one. */
  itemId: string | null;
}

/** Thing by thing where a check looks at several; what two demonstrations use stands once. */
function choicesOf(stop: Stop): Choice[] {
  const named = new Set<string>();
  return checksOf(stop).flatMap(({ key, title, things }): Choice[] => {
    if (things.length < 2)
      return [{ key, check: key, words: title, thing: '', itemId: things[0]?.itemId ?? null }];
    const anew = things.filter(({ itemId }) => !named.has(itemId));
    for (const { itemId } of anew) named.add(itemId);
    return anew.map(({ itemId, name }) => ({
      key: `${key} ${itemId}`,
      check: key,
      words: name,
      thing: name,
      itemId,
    }));
  });
}

export function WrongDialog({ stop, onClose, onSay, instead }: WrongProps) {
  const choices = choicesOf(stop);
  const [chosen, setChosen] = useState<string | null>(
    choices.length === 1 ? (choices[0]?.key ?? null) : null,
  );
  const [what, setWhat] = useState('');
  const [isAsked, setAsked] = useState(false);
  const choice = choices.find(({ key }) => key === chosen);
  const say = (): void => {
    setAsked(true);
    const words = what.trim();
    if (choice && words !== '')
      onSay(choice.check, choice.thing ? wrongThing({ name: choice.thing }, words) : words);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="wrong-title" fullWidth maxWidth="xs">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          say();
        }}
      >
        <DialogTitle id="wrong-title">{stopName(stop)}: what isn’t as it should be?</DialogTitle>
        <DialogContent>
          <RadioGroup
            aria-label="Which"
            value={chosen}
            onChange={(_event, key) => setChosen(key)}
            sx={{ mb: 2 }}
          >
            {choices.map(({ key, words }) => (
              <FormControlLabel
                key={key}
                value={key}
                control={<Radio autoFocus={key === (chosen ?? choices[0]?.key)} />}
                label={words}
                sx={{ minHeight: 44 }}
              />
            ))}
          </RadioGroup>
          {isAsked && !choice && <p role="alert">Say which one it is.</p>}
          <TextField
            label="What is wrong"
            value={what}
            onChange={(event) => setWhat(event.target.value)}
            error={isAsked && what.trim() === ''}
            helperText={
              isAsked && what.trim() === ''
                ? 'Say what is wrong: missing, broken, too short …'
                : 'Such as: missing, broken, does not fit'
            }
            slotProps={{ htmlInput: { maxLength: 200 } }}
            fullWidth
          />
          {choice?.itemId && <Box sx={{ mt: 1 }}>{instead(choice.itemId)}</Box>}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Say so
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
