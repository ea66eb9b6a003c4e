package brachion.server.rig;

/** Told within the transaction when temperature, humidity or height of the shop become others: whatever was computed with them is out of date. */
public record ShopChanged() {
}
