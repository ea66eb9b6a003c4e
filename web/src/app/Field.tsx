import { FormControl, FormHelperText, InputLabel, OutlinedInput, type InputLabelProps, type OutlinedInputProps, type SxProps, type Theme } from '@mui/material';
import { useId, type ReactNode, type Ref } from 'react';

interface FieldProps extends Pick<OutlinedInputProps, 'onChange' | 'onBlur' | 'type' | 'multiline' | 'rows' | 'disabled'> {
  label: string;
  value?: string;
  /** Whether what is typed cannot be taken. */
  error?: boolean;
  /** Below the field: what was understood, what is wrong, or a blank that keeps the line. */
  helperText?: ReactNode;
  id?: string;
  inputRef?: Ref<HTMLInputElement>;
  sx?: SxProps<Theme>;
  slotProps?: {
    input?: Partial<OutlinedInputProps>;
    inputLabel?: Partial<InputLabelProps>;
    htmlInput?: OutlinedInputProps['inputProps'];
  };
}

/**
 * A field to type in, with its label in its frame. It is made of the parts it needs, so that no page loads menus it never opens;
 * one of several lines keeps the height it is given, for measuring what it would need lays out the whole page.
 */
export function Field({ label, helperText, error = false, disabled = false, id: given, sx, slotProps = {}, inputRef, ...typed }: FieldProps) {
  const own = useId();
  const id = given ?? own;
  const { shrink } = slotProps.inputLabel ?? {};
  return (
    <FormControl fullWidth size="small" error={error} disabled={disabled} sx={sx ?? {}}>
      <InputLabel htmlFor={id} id={`${id}-label`} {...slotProps.inputLabel}>{label}</InputLabel>
      <OutlinedInput {...typed} id={id} label={label} inputRef={inputRef ?? null} inputProps={slotProps.htmlInput ?? {}}
        {...(typed.multiline ? { inputComponent: 'textarea' } : {})} {...(shrink === undefined ? {} : { notched: shrink })} {...(helperText ? { 'aria-describedby': `${id}-line` } : {})} {...slotProps.input} />
      {helperText && <FormHelperText id={`${id}-line`}>{helperText}</FormHelperText>}
    </FormControl>
  );
}
