package brachion.server.shape;

import brachion.core.shape.Chain;
import brachion.server.job.CurvesForJobs;
import brachion.server.problem.NotHereException;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Curves that are kept by name. */
@Service
@Transactional
class KeptCurveService implements Curves, CurvesForJobs {

    private final KeptCurveRepository curves;
    private final Clock clock;

    KeptCurveService(KeptCurveRepository curves, Clock clock) {
        this.curves = curves;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<KeptCurve> all() {
        return curves.findByDeletedAtIsNull().stream().map(KeptCurveEntity::view).sorted(Comparator.comparing(KeptCurve::name, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    /** Keeps a curve; one of that name is this one from now on. */
    public KeptCurve keep(KeptCurveFields fields) {
        ChainFields.asked("chain", fields.chain()::toChain);
        KeptCurveEntity stored = curves.findByNameAndDeletedAtIsNull(fields.name()).orElseGet(() -> new KeptCurveEntity(fields.name()));
        stored.write(fields);
        return curves.saveAndFlush(stored).view();
    }

    @Override
    public long keep(String name, Chain chain) {
        return keep(new KeptCurveFields(name, ChainFields.of(chain), false, null)).id();
    }

    @Override
    @Transactional(readOnly = true)
    public boolean knows(long curve) {
        return curves.existsById(curve);
    }

    public void discard(long id) {
        KeptCurveEntity stored = stored(id);
        stored.discard(clock.instant());
        curves.saveAndFlush(stored);
    }

    public KeptCurve restore(long id) {
        KeptCurveEntity stored = stored(id);
        stored.bringBack();
        return curves.saveAndFlush(stored).view();
    }

    private KeptCurveEntity stored(long id) {
        return curves.findById(id).orElseThrow(() -> new NotHereException("There is no curve " + id + "."));
    }
}
