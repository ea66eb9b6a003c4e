package brachion.server.rack;

import brachion.core.wood.SpeciesCatalogue;
import brachion.server.storage.CountedEntity;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;

/** A stored piece on the rack with its weigh-ins in the order they were written down. */
@Entity
@Table(name = "drying_piece")
class DryingPieceEntity extends CountedEntity {

    @Embedded
    private DryingFields piece;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "weigh_in", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<WeighInFields> weighIns = new ArrayList<>();

    protected DryingPieceEntity() {
    }

    DryingPieceEntity(DryingFields piece) {
        this.piece = piece;
    }

    void weigh(WeighInFields weighIn) {
        weighIn.requireSense(piece);
        weighIns.add(weighIn);
    }

    void takeBackLastWeighIn() {
        if (!weighIns.isEmpty()) {
            weighIns.remove(weighIns.size() - 1);
        }
    }

    DryingView view(SpeciesCatalogue woods) {
        return DryingView.of(id(), version(), piece, List.copyOf(weighIns), woods);
    }
}
