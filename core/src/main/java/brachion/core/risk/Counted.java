package brachion.core.risk;

import brachion.core.method.MethodKind;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How many of the records of a family there are of each kind, counted once for all forecasts.
 *
 * @param byWay        how many were bent each way
 * @param ofOtherShops how many are records of other shops
 */
record Counted(Map<MethodKind, Integer> byWay, int ofOtherShops) {

    static Counted of(List<RecordedTrial> records) {
        Map<MethodKind, Integer> byWay = new EnumMap<>(MethodKind.class);
        records.forEach(record -> byWay.merge(record.trial().recipe().method().kind(), 1, Integer::sum));
        return new Counted(byWay, (int) records.stream().filter(record -> record.trial().recipe().names().ofAnotherShop()).count());
    }

    /** With one record more, the others not gone through again. */
    Counted and(RecordedTrial added) {
        Counted one = of(List.of(added));
        Map<MethodKind, Integer> all = new EnumMap<>(MethodKind.class);
        all.putAll(byWay);
        one.byWay.forEach((way, count) -> all.merge(way, count, Integer::sum));
        return new Counted(all, ofOtherShops + one.ofOtherShops);
    }
}
