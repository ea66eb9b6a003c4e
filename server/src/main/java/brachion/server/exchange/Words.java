package brachion.server.exchange;

import brachion.core.bending.Outline;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.method.Setting;
import brachion.core.trial.AlongBend;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** What people write in columns of words, and the words known here it may mean (common practice). */
final class Words {

    private static final String CLEAN = "clean";
    private static final Map<String, Map<String, String>> SAID = new HashMap<>();

    static {
        say("seasoning", "kiln dried", "kd", "kiln", "kiln dry", "oven", "kammergetrocknet", "seche au four");
        say("seasoning", "air dried", "ad", "air", "air dry", "luftgetrocknet", "seche a l air");
        say("seasoning", "green", "fresh", "wet", "frisch", "grun", "vert");
        say("method", "steam box", "steam", "steamed", "box", "steaming", "dampf", "gedampft", "vapeur");
        say("method", "steam bag", "bag", "poly bag", "plastic bag");
        say("method", "hot bath", "boiled", "boil", "boiling", "gekocht", "bouilli");
        say("method", "hot pipe", "pipe", "heat gun and pipe", "bending iron", "iron", "biegeeisen", "fer");
        say("method", "cold lamination", "lam", "laminated", "lamination", "laminate", "glue up", "verleimt", "lamelle");
        say("method", "kerf bending", "kerf", "kerfed", "kerfs");
        say("method", "kerfed plies", "kerfed lamination", "kerf lamination");
        say("method", "pressed plate", "plate", "pressed", "former");
        say("strap", "steel", "y", "yes", "x", "ja", "oui", "true", "1", "metal", "stahl", "acier");
        say("strap", "none", "n", "no", "nein", "non", "false", "0", "without", "ohne", "sans");
        say("growth rings", "flat", "flatsawn", "flat sawn", "plain sawn", "plainsawn", "tangential");
        say("growth rings", "on edge", "quarter", "quartersawn", "quarter sawn", "vertical", "radial");
        say("growth rings", "rift", "riftsawn", "rift sawn", "halbrift");
        say("growth rings", "unknown", "?");
        say("glue", "pva", "white", "yellow", "wood glue", "holzleim", "colle blanche");
        say("glue", "epoxy", "epoxid");
        say("glue", "polyurethane", "poly", "pu", "pur");
        say("glue", "urea resin", "plastic resin", "urea", "resin");
        say("glue", "hide", "hide glue", "hot hide", "knochenleim");
        say("ended", CLEAN, "ok", "okay", "good", "fine", "great", "perfect", "success", "held", "no break", "yes", "y", "pass", "gut", "gelungen", "heil", "reussi", "bon");
        say("ended", "broken, snap", "snapped", "snap", "broke", "broken", "fail", "failed", "failure", "broke through", "no", "n", "gebrochen", "bruch", "casse", "rompu");
        say("ended", "flaw, outer splinter", "crack", "cracked", "small crack", "minor crack", "splinter", "splintered", "feathers", "feathered", "lifted", "riss", "angerissen", "fissure", "fendu");
        say("ended", "flaw, inner crease", "crease", "creased", "wrinkle", "wrinkled", "buckled", "compression", "compression failure", "stauchung", "pli");
        say("ended", "broken, grain split", "split", "split along grain", "ran out", "gespalten");
        say("ended", "flaw, glue line gap", "gap", "gaps", "delaminated", "delam");
        say("ended", Translation.NO_BEND, "not bent", "n a", "cancelled", "skipped");
    }

    private final List<Wood> woods;
    private final WoodNames names;
    /** Words known here as they are written without signs and case, for each column that was asked about. */
    private final Map<String, Map<String, String>> knownHere = new ConcurrentHashMap<>();

    Words(SpeciesCatalogue woods) {
        this.woods = woods.all().stream().map(Wood::of).toList();
        this.names = new WoodNames(woods.all(), Vocabulary::bare);
    }

    /**
     * A wood as it may be written.
     *
     * @param name  its common name
     * @param words the words of that, bare
     */
    private record Wood(String name, List<String> words) {

        static Wood of(Species wood) {
            return new Wood(wood.commonName(), List.of(Vocabulary.bare(wood.commonName()).split(" ")));
        }
    }

    private static void say(String column, String means, String... texts) {
        Map<String, String> said = SAID.computeIfAbsent(column, none -> new HashMap<>());
        Arrays.stream(texts).forEach(text -> said.put(Vocabulary.bare(text), means));
    }

    /** Whether a column holds words that are known one by one. */
    static boolean areKnown(String column) {
        return column.equals(Column.SPECIES.title()) || Column.named(column).filter(known -> !types(known).isEmpty()).isPresent();
    }

    private static List<Class<? extends Enum<?>>> types(Column column) {
        Map<Column, Class<? extends Enum<?>>> own = Map.of(Column.SEASONING, Seasoning.class, Column.GROWTH_RINGS, GrowthRings.class, Column.KNOTS, Knots.class,
                Column.OUTER_FACE, OuterFace.class, Column.SECTION, Outline.class, Column.METHOD, MethodKind.class, Column.ENDED, Severity.class, Column.FLAW, Flaw.class,
                Column.FLAW_AT, AlongBend.class);
        if (own.containsKey(column)) {
            return List.of(own.get(column));
        }
        List<Class<? extends Enum<?>>> chosen = new ArrayList<>();
        Arrays.stream(MethodKind.values()).flatMap(kind -> kind.settings().stream()).filter(setting -> Column.of(setting).equals(column)).limit(1)
                .forEach((Setting<?> setting) -> {
                    if (setting instanceof Setting.Chosen<?> words) {
                        chosen.add(words.words());
                    }
                });
        return chosen;
    }

    /** Everything a word of a column can mean, as it is written in tables of ours. */
    List<String> meanings(String column) {
        if (column.equals(Column.SPECIES.title())) {
            return woods.stream().map(Wood::name).sorted().toList();
        }
        Column known = Column.named(column).orElseThrow();
        if (known.equals(Column.ENDED)) {
            Stream<String> flaws = Arrays.stream(Flaw.values()).map(flaw -> Column.plain(flaw.name())).flatMap(flaw -> Stream.of("flaw, " + flaw, "broken, " + flaw));
            return Stream.concat(Stream.of(CLEAN), Stream.concat(flaws, Stream.of(Translation.NO_BEND))).toList();
        }
        Stream<String> words = types(known).stream().flatMap(type -> Arrays.stream(type.getEnumConstants())).map(each -> Column.plain(each.name()));
        return (known.title().equals("strap") ? Stream.concat(Stream.of("none"), words) : words).distinct().toList();
    }

    /** What a word of a column means as far as that can be told; empty where it could be several things, or none known here. */
    Optional<String> meant(String column, String text) {
        String bare = Vocabulary.bare(text);
        Optional<String> itself = column.equals(Column.SPECIES.title())
                ? names.called(text).map(Species::commonName)
                : Optional.ofNullable(knownHere.computeIfAbsent(column, this::bareMeanings).get(bare));
        return itself.or(() -> Optional.ofNullable(SAID.getOrDefault(column, Map.of()).get(bare)))
                .or(() -> Optional.of(likely(column, text)).filter(only -> only.size() == 1).map(only -> only.get(0)));
    }

    private Map<String, String> bareMeanings(String column) {
        Map<String, String> byBare = new HashMap<>();
        meanings(column).forEach(means -> byBare.putIfAbsent(Vocabulary.bare(means), means));
        return byBare;
    }

    /** What it may mean where several things are likely: woods that have the word in their name. */
    List<String> likely(String column, String text) {
        if (!column.equals(Column.SPECIES.title())) {
            return List.of();
        }
        List<String> said = List.of(Vocabulary.bare(text).split(" "));
        return woods.stream().filter(wood -> wood.words().containsAll(said)).map(Wood::name).toList();
    }
}
