import { Field } from '../app/Field';
import { TakeAir } from '../instruments/TakeAir';
import { Choice } from '../recipe/Choice';
import { Row, Step } from '../recipe/fields';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { MeasureField } from '../units/MeasureField';
import { number } from '../units/number';
import { MEASURED, NUMBERS, type Measured, type RigForm, type RigReadings } from './draft';
import { WALL } from './words';

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
  humidity: 'shopHumidityPercent', altitude: 'altitudeM',
};

/** Chamber, steam, shop and load. */
export function RigInputs({ form, readings, problems, onChange }: RigInputsProps) {
  const measure = (name: Measured, label: string) => (
    <MeasureField label={label} measurement={MEASURED[name]} text={form[name]} reading={readings[name]}
      problem={readings[name].error ?? problems[SERVER[name] ?? name]} onChange={(text) => { onChange({ [name]: text }); }} />
  );
  const count = (name: Count, label: string) => {
    const problem = number(form[name]) === undefined ? `“${form[name]}” is not a number.` : problems[SERVER[name] ?? name];
    return (
      <Field label={label} value={form[name]} error={problem !== undefined} helperText={problem ?? ' '}
        onChange={(event) => { onChange({ [name]: event.target.value }); }} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
    );
  };
  return (
    <>
      <Step title="Chamber">
        {measure('length', 'Length inside')}
        <Row>{measure('width', 'Width inside')}{measure('height', 'Height inside')}</Row>
        <Choice label="Walls of" options={WALL} value={form.wall} onChange={(wall) => { onChange({ wall }); }} />
        <Row>{measure('wallThickness', 'Wall thickness')}{measure('insulation', 'Insulation')}</Row>
        {count('ventAreaMm2', 'Vents and drain, open area mm²')}
      </Step>
      <Step title="Steam and shop">
        <Row>{count('watts', 'Generator, W')}{count('generators', 'How many')}{count('tankLitres', 'Tank, litres')}</Row>
        <Row>
          {measure('shop', 'Shop temperature')}
          {measure('humidity', 'Shop humidity %')}
          {measure('altitude', 'Height above the sea')}
        </Row>
        <TakeAir onTake={onChange} />
      </Step>
      <Step title="Load">
        <SpeciesChoice speciesId={form.speciesId} problem={problems.speciesId} onChange={(speciesId) => { onChange({ speciesId }); }} />
        <Row>{measure('pieceThickness', 'Piece thickness')}{measure('pieceWidth', 'Piece width')}</Row>
        <Row>{measure('pieceLength', 'Piece length')}{measure('moisture', 'Moisture %')}</Row>
        <Row>{measure('across', 'Side by side')}{measure('layers', 'Layers')}</Row>
      </Step>
    </>
  );
}
