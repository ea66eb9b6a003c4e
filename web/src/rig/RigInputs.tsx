import { TextField } from '@mui/material';
import { Choice } from '../recipe/Choice';
import { Row, Step } from '../recipe/RecipeInputs';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { QuantityField } from '../units/QuantityField';
import { LENGTHS, NUMBERS, signed, type RigForm, type RigReadings } from './draft';
import { WALL } from './words';

type Length = (typeof LENGTHS)[number];
type Count = (typeof NUMBERS)[number];

interface RigInputsProps {
  form: RigForm;
  readings: RigReadings;
  /** By the server's name for the field. */
  problems: Record<string, string>;
  onChange: (change: Partial<RigForm>) => void;
}

/** What the server calls the fields that are named otherwise here. */
const SERVER: Partial<Record<keyof RigForm, string>> = {
  length: 'lengthMm', width: 'widthMm', height: 'heightMm', wallThickness: 'wallThicknessMm', insulation: 'insulationThicknessMm',
  watts: 'generatorWatts', pieceThickness: 'thicknessMm', moisture: 'moisturePercent', shop: 'shopC',
};

/** Chamber, steam, shop and load. */
export function RigInputs({ form, readings, problems, onChange }: RigInputsProps) {
  const length = (name: Length, label: string) => (
    <QuantityField label={label} kind="length" text={form[name]} reading={readings[name]}
      problem={readings[name].error ?? problems[SERVER[name] ?? name]} onChange={(text) => { onChange({ [name]: text }); }} />
  );
  const count = (name: Count, label: string) => {
    const problem = signed(form[name]) === undefined ? `“${form[name]}” is not a number.` : problems[SERVER[name] ?? name];
    return (
      <TextField label={label} value={form[name]} error={problem !== undefined} helperText={problem ?? ' '}
        onChange={(event) => { onChange({ [name]: event.target.value }); }} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
    );
  };
  return (
    <>
      <Step title="Chamber">
        {length('length', 'Length inside')}
        <Row>{length('width', 'Width inside')}{length('height', 'Height inside')}</Row>
        <Choice label="Walls of" options={WALL} value={form.wall} onChange={(wall) => { onChange({ wall }); }} />
        <Row>{length('wallThickness', 'Wall thickness')}{length('insulation', 'Insulation')}</Row>
        {count('ventAreaMm2', 'Vents and drain, open area mm²')}
      </Step>
      <Step title="Steam and shop">
        <Row>{count('watts', 'Generator, W')}{count('generators', 'How many')}{count('tankLitres', 'Tank, litres')}</Row>
        <Row>
          <QuantityField label="Shop temperature" kind="temperature" text={form.shop} reading={readings.shop}
            problem={readings.shop.error ?? problems.shopC} onChange={(shop) => { onChange({ shop }); }} />
          {count('altitudeM', 'Height above the sea, m')}
        </Row>
      </Step>
      <Step title="Load">
        <SpeciesChoice speciesId={form.speciesId} problem={problems.speciesId} onChange={(speciesId) => { onChange({ speciesId }); }} />
        <Row>{length('pieceThickness', 'Piece thickness')}{length('pieceWidth', 'Piece width')}</Row>
        <Row>{length('pieceLength', 'Piece length')}{count('moisture', 'Moisture %')}</Row>
        <Row>{count('across', 'Side by side')}{count('layers', 'Layers')}</Row>
      </Step>
    </>
  );
}
