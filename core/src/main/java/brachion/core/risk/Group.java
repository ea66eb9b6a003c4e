package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.method.Term;

/** What pieces can have in common beyond their measurements. Pieces of one group do a little better or worse together. */
public enum Group {
    /** The wood; how much species differ from their published radii is known beforehand. */
    SPECIES {
        @Override
        public String of(Recipe recipe) {
            return recipe.blank().species().id();
        }
    },
    /** Whose hands. */
    PERSON {
        @Override
        public String of(Recipe recipe) {
            return recipe.names().person();
        }
    },
    /** Where the board came from. */
    SOURCE {
        @Override
        public String of(Recipe recipe) {
            return recipe.names().source();
        }
    },
    /** Which shop, where it is not the own one: how it measures, judges and works. */
    SHOP {
        @Override
        public String of(Recipe recipe) {
            return recipe.names().shop();
        }
    },
    /** One board. */
    BOARD {
        @Override
        public String of(Recipe recipe) {
            return recipe.names().board();
        }
    };

    /**
     * Species stray from their published radii by so much on the log-odds scale, which is about 15 % of strain, and by
     * about 22 % where the radii are estimated; chosen by us.
     */
    private static final double PUBLISHED_SPECIES_SD = 0.9;
    private static final double ESTIMATED_SPECIES_SD = 1.3;

    /**
     * Scale of the half-normal prior of how much its members differ, on the log-odds scale: about 15 % of strain between boards, sources and
     * shops, little more than half of that between hands; chosen by us.
     */
    private static final double PRIOR_SCALE = 0.9;
    private static final double HANDS_PRIOR_SCALE = 0.5;

    double priorScale() {
        return this == PERSON ? HANDS_PRIOR_SCALE : PRIOR_SCALE;
    }

    /** Which one a recipe belongs to; empty when nobody wrote it down. */
    public abstract String of(Recipe recipe);

    /** How its effects are named among the reasons. */
    public Term term() {
        return switch (this) {
            case SPECIES -> Term.SPECIES;
            case PERSON -> Term.PERSON;
            case BOARD -> Term.BOARD;
            case SOURCE -> Term.SOURCE;
            case SHOP -> Term.SHOP;
        };
    }

    /** How far a recipe's species may stray. */
    static double speciesSd(Recipe recipe) {
        return recipe.blank().species().radii().estimated() ? ESTIMATED_SPECIES_SD : PUBLISHED_SPECIES_SD;
    }
}
