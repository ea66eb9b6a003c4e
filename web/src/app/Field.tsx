import { Box, type SxProps, type Theme } from '@mui/material';
import { useId, type ComponentProps, type MouseEventHandler, type ReactNode, type Ref } from 'react';
import styles from './Field.module.css';

type Typed = ComponentProps<'input'> & ComponentProps<'textarea'>;

interface FieldProps extends Pick<Typed, 'onChange' | 'onBlur' | 'rows' | 'disabled'> {
  label: string;
  value?: string;
  type?: 'text' | 'date' | 'number';
  multiline?: boolean;
  /** Whether what is typed cannot be taken. */
  error?: boolean;
  /** Below the field: what was understood, what is wrong, or a blank that keeps the line. */
  helperText?: ReactNode;
  id?: string;
  inputRef?: Ref<HTMLInputElement>;
  /** What stands at its end; its label stays in the frame then, for in an empty field it would lie under the mark. */
  mark?: ReactNode;
  sx?: SxProps<Theme>;
  /** As MUI names the parts of its own, so that a choice of its kind can be typed into here. */
  slotProps?: {
    input?: { ref?: Ref<HTMLDivElement>; className?: string; onMouseDown?: MouseEventHandler; startAdornment?: ReactNode; endAdornment?: ReactNode };
    inputLabel?: object;
    htmlInput?: ComponentProps<'input'>;
  };
}

/**
 * A field to type in, with its label in its frame. A form has thirty of them: they are plain elements in the colours of the theme,
 * their states left to the style sheet, for thirty of MUI's own were a third of the work of drawing the page. One of several lines keeps the
 * height it is given.
 */
export function Field({ label, helperText, error = false, disabled = false, id: given, sx, slotProps = {}, inputRef, mark, multiline = false, type = 'text', rows, value, onChange, onBlur }: FieldProps) {
  const own = useId();
  const id = given ?? own;
  const { startAdornment, endAdornment, className = '', ...frame } = slotProps.input ?? {};
  const { htmlInput = {} } = slotProps;
  const shrunk = mark !== undefined || startAdornment !== undefined;
  const typed = {
    value, onChange, onBlur, ...htmlInput,
    id, disabled, placeholder: ' ', 'aria-invalid': error, className: `${styles.typed} ${htmlInput.className ?? ''}`,
    'data-shrunk': shrunk || undefined, 'aria-describedby': helperText ? `${id}-line` : undefined,
  } as Typed;
  const parts = (
    <>
      <div {...frame} className={`${styles.frame} ${mark ? styles.marked : ''} ${className}`}>
        {startAdornment}
        {multiline ? <textarea {...typed} rows={rows} /> : <input type={type} {...typed} ref={inputRef ?? htmlInput.ref} />}
        <InFrame id={id} label={label} />
        {mark}
        {endAdornment}
      </div>
      {helperText && <p id={`${id}-line`} className={styles.line}>{helperText}</p>}
    </>
  );
  const look = `${styles.field} ${error ? styles.error : ''}`;
  return sx ? <Box className={look} sx={sx}>{parts}</Box> : <div className={look}>{parts}</div>;
}

/** The label of what is typed or chosen, and the frame that opens for it; behind its element, whose state they show. */
export function InFrame({ id, label }: { id: string; label: string }) {
  return (
    <>
      <label htmlFor={id} id={`${id}-label`} className={styles.label}>{label}</label>
      <fieldset aria-hidden className={styles.outline}><legend><span>{label}</span></legend></fieldset>
    </>
  );
}
