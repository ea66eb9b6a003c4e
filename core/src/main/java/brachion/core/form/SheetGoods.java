package brachion.core.form;

import brachion.core.quantity.PhysicalBound;

/**
 * Sheet goods at hand.
 *
 * @param thicknessMm thickness [mm]
 * @param lengthMm    length of a sheet [mm]
 * @param widthMm     width of a sheet [mm]
 * @param price       of one sheet in any currency; 0 when nobody said
 */
public record SheetGoods(double thicknessMm, double lengthMm, double widthMm, double price) {

    /** Refuses what is not sold. */
    public SheetGoods {
        PhysicalBound.SHEET_THICKNESS_MM.require(thicknessMm);
        PhysicalBound.SHEET_SIDE_MM.require(lengthMm);
        PhysicalBound.SHEET_SIDE_MM.require(widthMm);
        PhysicalBound.PRICE.require(price);
    }
}
