import { Box, Button } from '@mui/material';
import { useAir } from '../api/instruments';
import { useUnits } from '../app/units';
import { exactTemperature, tenths } from '../units/exact';

interface Air {
  shop: string;
  humidity: string;
}

/** The air of the last day as a room sensor felt it, as it would be typed; nothing where there is none. */
export function useFeltAir(): Air | undefined {
  const [system] = useUnits();
  const { data } = useAir();
  return data?.celsius === undefined || data.humidityPercent === undefined ? undefined
    : { shop: exactTemperature(tenths(data.celsius), system), humidity: `${tenths(data.humidityPercent)} %` };
}

/** The air a room sensor felt, to be taken with a tap. */
export function TakeAir({ onTake }: { onTake: (air: Air) => void }) {
  const air = useFeltAir();
  return (
    <Box sx={{ minHeight: 40 }}>
      {air && <Button size="small" sx={{ minHeight: 40 }} onClick={() => { onTake(air); }}>Take {air.shop} and {air.humidity} from the room sensor</Button>}
    </Box>
  );
}
