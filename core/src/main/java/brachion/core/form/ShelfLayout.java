package brachion.core.form;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Rectangles round the parts laid on sheets shelf by shelf: the tallest first, each on the first shelf that has room, a new shelf or a
 * new sheet where none has (first fit, decreasing height; E. G. Coffman et al., SIAM J. Comput. 9, 1980; from memory). Curved parts
 * could be nested closer by hand.
 *
 * @param laid   where each part lies
 * @param sheets how many sheets that takes
 */
public record ShelfLayout(List<Laid> laid, int sheets) {

    /** Left between parts for the saw [mm]. */
    static final double APART_MM = 10;

    /**
     * A rectangle to be laid.
     *
     * @param part     which part it goes round
     * @param lengthMm along the sheet [mm]
     * @param heightMm across it [mm]
     */
    record Blank(int part, double lengthMm, double heightMm) {
    }

    /**
     * A part on a sheet.
     *
     * @param part   which part
     * @param sheet  on which sheet, from 0
     * @param xMm    left edge of the rectangle round it [mm]
     * @param yMm    its lower edge [mm]
     * @param lengthMm along the sheet [mm]
     * @param heightMm across it [mm]
     */
    public record Laid(int part, int sheet, double xMm, double yMm, double lengthMm, double heightMm) {
    }

    private static final class Shelf {
        private final int sheet;
        private final double yMm;
        private final double heightMm;
        private double usedMm;

        private Shelf(int sheet, double yMm, double heightMm) {
            this.sheet = sheet;
            this.yMm = yMm;
            this.heightMm = heightMm;
        }
    }

    /**
     * Lays rectangles on sheets.
     *
     * @throws IllegalArgumentException when one is larger than a sheet
     */
    static ShelfLayout of(List<Blank> blanks, SheetGoods sheet) {
        List<Blank> tallest = blanks.stream().sorted(Comparator.comparingDouble(Blank::heightMm).reversed()).toList();
        List<Shelf> shelves = new ArrayList<>();
        List<Laid> laid = new ArrayList<>();
        int sheets = 0;
        double top = 0;
        for (Blank blank : tallest) {
            if (blank.lengthMm() > sheet.lengthMm() || blank.heightMm() > sheet.widthMm()) {
                throw new IllegalArgumentException("A part of the form is " + Math.round(blank.lengthMm()) + " × " + Math.round(blank.heightMm())
                        + " mm; a sheet is " + Math.round(sheet.lengthMm()) + " × " + Math.round(sheet.widthMm()) + " mm.");
            }
            Shelf room = shelves.stream().filter(shelf -> shelf.heightMm >= blank.heightMm() && shelf.usedMm + blank.lengthMm() <= sheet.lengthMm())
                    .findFirst().orElse(null);
            if (room == null) {
                if (sheets == 0 || top + blank.heightMm() > sheet.widthMm()) {
                    sheets++;
                    top = 0;
                }
                room = new Shelf(sheets - 1, top, blank.heightMm());
                shelves.add(room);
                top += blank.heightMm() + APART_MM;
            }
            laid.add(new Laid(blank.part(), room.sheet, room.usedMm, room.yMm, blank.lengthMm(), blank.heightMm()));
            room.usedMm += blank.lengthMm() + APART_MM;
        }
        return new ShelfLayout(laid, sheets);
    }
}
