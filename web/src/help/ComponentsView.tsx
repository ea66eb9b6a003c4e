import { Box, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { api, body } from '../api/client';
import type { ComponentView } from '../api/schema';

/** What the product is made of, and on what terms. */
export function ComponentsView() {
  const { data = [] } = useQuery({ queryKey: ['components'], queryFn: () => body(api.GET('/api/components')), staleTime: Infinity });
  return (
    <Box sx={{ display: 'grid', gap: 3 }}>
      <Box>
        <Typography variant="h1">What Brachion is made of</Typography>
        <Typography color="textSecondary" sx={{ maxWidth: '75ch' }}>
          Each library with its version and its licence, as the build wrote them down. The typefaces are under the SIL Open Font License.
        </Typography>
      </Box>
      <Libraries title="In the server" of={data.filter((each) => !each.page)} />
      <Libraries title="In the page" of={data.filter((each) => each.page)} />
    </Box>
  );
}

function Libraries({ title, of }: { title: string; of: ComponentView[] }) {
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" gutterBottom>{title}</Typography>
      <Box component="ul" sx={{ columns: { md: 2 }, columnGap: 5, listStyle: 'none', p: 0, m: 0 }}>
        {of.map((each) => (
          <Box component="li" key={`${each.name} ${each.version}`}
            sx={{ display: 'flex', gap: 1.5, justifyContent: 'space-between', py: 0.5, borderBottom: 1, borderColor: 'divider', breakInside: 'avoid' }}>
            <Typography component="span" variant="body2" sx={{ overflowWrap: 'anywhere' }}>{each.name} {each.version}</Typography>
            <Typography component="span" variant="body2" color="textSecondary" sx={{ textAlign: 'right' }}>{each.licences.join(', ')}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
