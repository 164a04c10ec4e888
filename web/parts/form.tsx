/** Fields of a form on a class of the contract: each shows its own fault, in words, where it was typed. */
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import type { FilterOptionsState } from '@mui/material/useAutocomplete';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import same from 'fast-deep-equal';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import {
  type FieldError,
  type FieldValues,
  FormProvider,
  type UseFormReturn,
  useController,
  useForm,
} from 'react-hook-form';
import { check } from '../../contract/validate';
import { plainName } from '../../core/repertoire/plainName';
import { fitting } from '../documents/fit';
import type { Editing } from '../documents/useDocument';
import type { Make } from './make';
import { type Option, Pick } from './Pick';
import { useAction } from './useAction';

interface AutoFormProps<T extends FieldValues & { id: string }> {
  editing: Editing<T>;
  type: new () => T;
  children: ReactNode | ((form: UseFormReturn<T>) => ReactNode);
}

const plain = <T,>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * A form over a stored thing: what is right is kept as it is typed; a field that is not, or an entry
 * that is not complete yet, stays in its place in the form and holds up nothing else.
 */
export function AutoForm<T extends FieldValues & { id: string }>({
  editing,
  type,
  children,
}: AutoFormProps<T>) {
  const { value, store } = editing;
  const form = useForm<T>({
    defaultValues: plain(editing.typed ?? value) as never,
    resolver: classValidatorResolver(type, {}, { raw: true }) as never,
    mode: 'onChange',
    // The field one types in keeps the focus, whatever is wrong in another.
    shouldFocusError: false,
  });
  // What the fields were last set to, or gave.
  const shown = useRef(editing.typed ?? value);
  const setting = useRef(false);
  const { trigger } = form;
  // Typed before and not fit to be kept: it says so again.
  useEffect(() => {
    if (store.state.getState().typed) void trigger();
  }, [store, trigger]);
  // Undo, another page, or another form changed it: the fields follow.
  useEffect(() => {
    const next = editing.typed ?? value;
    if (!next || same(next, shown.current)) return;
    shown.current = next;
    setting.current = true;
    form.reset(plain(next));
    setting.current = false;
    if (editing.typed) void trigger();
  }, [value, editing.typed, form, trigger]);
  useEffect(() => {
    const subscription = form.watch(() => {
      const stored = store.state.getState().value;
      if (!stored || setting.current) return;
      const typed = plain(form.getValues());
      const { value: fit, unfit } = fitting((one) => check(type, one), typed, stored);
      shown.current = unfit.length > 0 ? typed : fit;
      store.type(fit, typed, unfit);
      if (unfit.length > 0) void trigger();
      else form.clearErrors();
    });
    return () => subscription.unsubscribe();
  }, [form, store, type, trigger]);
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => event.preventDefault()} noValidate>
        {typeof children === 'function' ? children(form) : children}
      </form>
    </FormProvider>
  );
}

export interface FieldProps {
  name: string;
  label: string;
  help?: string;
}

/** Said where nothing more is known: of a list, one of its rows says it. */
export const UNSAID = 'is not right';

/** What is wrong with a field, or with a list as a whole. */
export const faultOf = (error: FieldError | undefined): string | undefined =>
  error ? (error.message ?? error.root?.message ?? UNSAID) : undefined;

export const inWords = (label: string, fault: string | undefined): string | undefined =>
  fault ? `${label} ${fault}` : undefined;

interface WordsProps extends FieldProps {
  multiline?: boolean;
  type?: 'text' | 'date';
  /** An emptied field means “none”. */
  emptyIsNull?: boolean;
}

export function Words({
  name,
  label,
  help,
  multiline,
  type = 'text',
  emptyIsNull = false,
}: WordsProps) {
  const { field, fieldState } = useController({ name });
  const fault = inWords(label, faultOf(fieldState.error));
  return (
    <TextField
      {...field}
      value={(field.value as string | null | undefined) ?? ''}
      onChange={(event) =>
        field.onChange(emptyIsNull && event.target.value === '' ? null : event.target.value)
      }
      inputRef={field.ref}
      label={label}
      type={type}
      error={Boolean(fault)}
      helperText={fault ?? help}
      {...(multiline ? { multiline: true, minRows: 2 } : {})}
      {...(type === 'text' ? {} : { slotProps: { inputLabel: { shrink: true } } })}
    />
  );
}

interface NumberProps extends FieldProps {
  /** An emptied field means “not known”. */
  optional?: boolean;
  unit?: string;
}

interface FigureText {
  text: string;
  type: (typed: string) => void;
  fault: string | undefined;
  field: ReturnType<typeof useController>['field'];
}

/** Keeps what was typed as it was typed; the form gets the number, or a fault. */
export function useFigureText(name: string, optional: boolean): FigureText {
  const { field, fieldState } = useController({ name });
  const value = field.value as number | null | undefined;
  const [text, setText] = useState(value == null ? '' : String(value));
  const shown = Number(text.replace(',', '.'));
  useEffect(() => {
    if (typeof value === 'number' && !Number.isNaN(value) && value !== shown)
      setText(String(value));
    if (value === null && text !== '') setText('');
  }, [value]);
  const type = (typed: string): void => {
    setText(typed);
    const number = typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.'));
    field.onChange(typed.trim() === '' && optional ? null : Number.isNaN(number) ? typed : number);
  };
  return { text, type, fault: faultOf(fieldState.error), field };
}

export function Figure({ name, label, help, optional = false, unit }: NumberProps) {
  const { text, type, fault, field } = useFigureText(name, optional);
  const words = inWords(label, fault);
  return (
    <TextField
      inputRef={field.ref}
      name={name}
      onBlur={field.onBlur}
      value={text}
      onChange={(event) => type(event.target.value)}
      label={unit ? `${label} (${unit})` : label}
      error={Boolean(words)}
      helperText={words ?? help}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
    />
  );
}

/** Options listed at once; more are found by typing. */
const LISTED = 60;
const found = createFilterOptions<string>({ limit: LISTED });

interface ChoiceProps extends FieldProps {
  options: readonly Option[];
  /** What choosing nothing is called; without it something must be chosen. */
  none?: string;
}

export function Choice({ name, label, help, options, none }: ChoiceProps) {
  const { field, fieldState } = useController({ name });
  const fault = inWords(label, faultOf(fieldState.error));
  return (
    <Pick
      inputRef={field.ref}
      label={label}
      value={(field.value as string | null | undefined) ?? null}
      options={options}
      {...(none === undefined ? {} : { none })}
      onChange={field.onChange}
      onBlur={field.onBlur}
      error={Boolean(fault)}
      helperText={fault ?? help}
    />
  );
}

/** An option that stands for something that is only made when it is chosen. */
const NEW = '+ ';
const isNew = (value: string): boolean => value.startsWith(NEW);

interface MakingProps extends ChoiceProps {
  /** How something of the typed name is made, where there is none; answers with its id. */
  make?: Make;
}

/** What of the options has what is typed in it; and, where nothing is called so, the making of it. */
const foundOrNew =
  (labels: ReadonlyMap<string, string>, make: Make | undefined) =>
  (ids: string[], state: FilterOptionsState<string>): string[] => {
    const typed = state.inputValue.trim();
    const there = [...labels.values()].some((label) => plainName(label) === plainName(typed));
    return [...found(ids, state), ...(make && typed !== '' && !there ? [NEW + typed] : [])];
  };

/** The label of an option, and of one that is yet to be made. */
const labelIn =
  (labels: ReadonlyMap<string, string>, make: Make | undefined) =>
  (value: string): string =>
    make && isNew(value) ? make.words(value.slice(NEW.length)) : (labels.get(value) ?? value);

/** One of very many, found by typing a part of its name, or made by it. With `none` nothing chosen is null. */
export function Find({ name, label, help, options, none, make }: MakingProps) {
  const { field, fieldState } = useController({ name });
  const act = useAction();
  const fault = inWords(label, faultOf(fieldState.error));
  const labels = new Map(options.map((option) => [option.value, option.label]));
  const nothing = none === undefined ? '' : null;
  const value = ((field.value as string | null | undefined) ?? '') || null;
  return (
    <Autocomplete
      options={options.map((option) => option.value)}
      filterOptions={foundOrNew(labels, make)}
      getOptionLabel={(one) => (isNew(one) || labels.has(one) ? labelIn(labels, make)(one) : '')}
      value={value}
      onChange={(_event, chosen) => {
        if (chosen === null || !make || !isNew(chosen)) field.onChange(chosen ?? nothing);
        else void act(async () => field.onChange(await make.make(chosen.slice(NEW.length))));
      }}
      onBlur={field.onBlur}
      size="small"
      renderInput={(params) => (
        <TextField
          {...params}
          inputRef={field.ref}
          label={label}
          placeholder={none}
          error={Boolean(fault)}
          helperText={fault ?? help}
        />
      )}
    />
  );
}

export function YesNoField({ name, label }: FieldProps) {
  const { field } = useController({ name });
  return (
    <FormControlLabel
      label={label}
      control={
        <Switch
          checked={Boolean(field.value)}
          onChange={(_event, on) => field.onChange(on)}
          slotProps={{ input: { ref: field.ref } }}
        />
      }
    />
  );
}

interface ManyProps extends FieldProps {
  /** Given: only these; else words of one’s own. */
  options?: readonly Option[];
  /** How one of the typed name is made, where there is none. */
  make?: Make;
}

/** Several values: chosen from a list, or typed and kept with Enter. */
export function Many({ name, label, help, options, make }: ManyProps) {
  const { field, fieldState } = useController({ name });
  const act = useAction();
  const fault = inWords(label, faultOf(fieldState.error));
  const labels = new Map(options?.map((option) => [option.value, option.label]));
  return (
    <Autocomplete
      multiple
      freeSolo={!options}
      // A word typed and not confirmed is kept when the field is left.
      autoSelect={!options}
      options={options?.map((option) => option.value) ?? []}
      filterOptions={foundOrNew(labels, make)}
      getOptionLabel={labelIn(labels, make)}
      value={(field.value as string[] | undefined) ?? []}
      onChange={(_event, values) => {
        const wanted = make ? values.find(isNew) : undefined;
        if (!make || wanted === undefined) field.onChange(values);
        else
          void act(async () => {
            const id = await make.make(wanted.slice(NEW.length));
            field.onChange(values.map((value) => (value === wanted ? id : value)));
          });
      }}
      onBlur={field.onBlur}
      size="small"
      renderInput={(params) => (
        <TextField {...params} label={label} error={Boolean(fault)} helperText={fault ?? help} />
      )}
    />
  );
}
