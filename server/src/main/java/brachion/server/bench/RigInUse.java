package brachion.server.bench;

import brachion.core.bench.ItemKind;
import brachion.core.bench.Misfit;
import brachion.core.bench.Occupancy;
import brachion.core.method.Recipe;
import brachion.core.risk.UnknownInputs;
import brachion.server.job.Jobs;
import brachion.server.rack.Rack;
import brachion.server.recipe.Workshops;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import brachion.server.rig.UsedFields;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who has what of the rig, and what there is for a bend. */
@Service
@Transactional(readOnly = true)
class RigInUse {

    private final BenchService bench;
    private final BenchRepository repository;
    private final RigItems rig;
    private final Rack rack;
    private final Jobs jobs;
    private final Workshops workshops;

    RigInUse(BenchService bench, BenchRepository repository, RigItems rig, Rack rack, Jobs jobs, Workshops workshops) {
        this.jobs = jobs;
        this.bench = bench;
        this.repository = repository;
        this.rig = rig;
        this.rack = rack;
        this.workshops = workshops;
    }

    /**
     * How a thing in the rig is taken.
     *
     * @param itemId   key of the thing
     * @param free     how much of it is free; less than nothing when more is taken than there is
     * @param freeFrom when some of it is free: now, or once the first piece gives it back; null when that cannot be foreseen
     * @param holding  pieces that have it, who gives it back first before the others
     * @param coming   pieces that are to have it
     */
    record ItemUse(long itemId, int free, @Schema(nullable = true) Instant freeFrom, List<TakerView> holding, List<TakerView> coming) {
    }

    /**
     * @param pieceId key of the piece
     * @param name    what it is called
     * @param takes   how much of it
     * @param until   when it gives it back; null when that cannot be foreseen
     */
    record TakerView(long pieceId, String name, int takes, @Schema(nullable = true) Instant until) {
    }

    /**
     * A thing a bend could be made with.
     *
     * @param itemId    key of the thing
     * @param item      the thing
     * @param misfits   what speaks against it; none when it fits
     * @param takes     how much of it is wanted
     * @param freeFrom  when so much of it is free; null when that cannot be foreseen
     * @param suggested whether it is taken unless somebody says otherwise
     */
    record ItemChoice(long itemId, RigItemFields item, List<MisfitReading> misfits, int takes, @Schema(nullable = true) Instant freeFrom, boolean suggested) {
    }

    /**
     * How a record was made.
     *
     * @param name      what the piece was called on the bench, missing when it was never there
     * @param stockId   the board in stock it was sawn from, missing when nobody said
     * @param blankName what the blank was called there
     * @param things    names of the things in the rig it was made with
     * @param dried     how it dried by its weigh-ins, missing when it was never weighed
     */
    record MadeReading(String name, Long stockId, String blankName, @NotNull List<String> things, Rack.Dried dried) {
    }

    MadeReading made(long trial) {
        return repository.findByTrialId(trial).map(piece -> {
            Map<Long, RigItemFields> items = rig.of(piece.madeWith().stream().map(UsedFields::itemId).toList());
            return new MadeReading(piece.name(), piece.stockId(), piece.blankName(), piece.madeWith().stream().map(used -> items.get(used.itemId()).name()).toList(),
                    Optional.ofNullable(piece.rackId()).flatMap(rack::dried).orElse(null));
        }).orElse(new MadeReading(null, null, null, List.of(), null));
    }

    List<ItemUse> now(Instant now) {
        List<PieceUnderWay> pieces = bench.underWay(now);
        Map<Long, String> names = pieces.stream().collect(Collectors.toMap(each -> each.piece().id(), each -> each.piece().name()));
        List<ItemUse> all = new ArrayList<>();
        rig.all().forEach((id, item) -> {
            Occupancy occupancy = occupancy(id, item, pieces);
            all.add(new ItemUse(id, occupancy.free(), occupancy.freeFrom(1, now).orElse(null), takers(occupancy.holding(), names), takers(occupancy.coming(), names)));
        });
        return all;
    }

    /** What of the rig a bend can be made with, by the order of the work; what its job is to be made with, or its last piece was, is suggested, or what fits and is free first. */
    List<ItemChoice> choices(ChoicesRequest asked, Instant now) {
        Recipe plan = UnknownInputs.typical(asked.recipe().toRecipe(workshops.now()));
        List<PieceUnderWay> pieces = bench.underWay(now);
        Map<Long, Integer> before = ofJob(asked.jobId());
        Map<Long, RigItemFields> items = rig.all();
        List<ItemChoice> all = new ArrayList<>();
        for (ItemKind kind : ItemKind.neededFor(plan)) {
            List<ItemChoice> ofKind = new ArrayList<>();
            items.forEach((id, item) -> {
                if (item.kind() == kind) {
                    int takes = before.getOrDefault(id, item.toItem().usuallyTaken(plan));
                    ofKind.add(new ItemChoice(id, item, Misfit.of(item.toItem(), plan).stream().map(MisfitReading::of).toList(), takes,
                            occupancy(id, item, pieces).freeFrom(takes, now).orElse(null), before.containsKey(id)));
                }
            });
            all.addAll(ofKind.stream().anyMatch(ItemChoice::suggested) ? ofKind : firstFitting(ofKind));
        }
        return all;
    }

    private static List<ItemChoice> firstFitting(List<ItemChoice> ofKind) {
        Optional<ItemChoice> first = ofKind.stream().filter(choice -> choice.misfits().isEmpty())
                .min(Comparator.comparing(ItemChoice::freeFrom, Comparator.nullsLast(Comparator.naturalOrder())));
        return ofKind.stream().map(choice -> first.filter(choice::equals).isEmpty() ? choice
                : new ItemChoice(choice.itemId(), choice.item(), choice.misfits(), choice.takes(), choice.freeFrom(), true)).toList();
    }

    private Map<Long, Integer> ofJob(Long job) {
        if (job == null) {
            return Map.of();
        }
        List<UsedFields> planned = jobs.madeWith(job);
        List<UsedFields> used = planned.isEmpty() ? repository.findFirstByJobIdOrderByIdDesc(job).map(BenchPieceEntity::madeWith).orElse(List.of()) : planned;
        return used.stream().collect(Collectors.toMap(UsedFields::itemId, UsedFields::takes));
    }

    private static Occupancy occupancy(long id, RigItemFields item, List<PieceUnderWay> pieces) {
        return Occupancy.of(item.kind(), item.room(), pieces.stream().flatMap(piece -> piece.takingUp(id).stream()).toList());
    }

    private static List<TakerView> takers(List<Occupancy.Taker> takers, Map<Long, String> names) {
        return takers.stream().map(taker -> new TakerView(taker.piece(), names.get(taker.piece()), taker.takes(), taker.until().orElse(null))).toList();
    }
}
