package brachion.server.stock;

import brachion.core.method.GrowthRings;
import brachion.core.method.Seasoning;
import brachion.server.storage.CountedEntity;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;

/** A stored board; its name is that of the board trials carry. */
@Entity
@Table(name = "stock_board")
class StockBoardEntity extends CountedEntity {

    private static final int AT_ONCE = 100;

    private long boardId;
    private String speciesId;
    @Enumerated(EnumType.STRING)
    private Seasoning seasoning;
    @Enumerated(EnumType.STRING)
    private GrowthRings growthRings;
    private Double grainRun;
    private double lengthMm;
    private double widthMm;
    private double thicknessMm;
    private double kerfMm;
    private String source;
    private String place;
    private String price;
    private String note;

    @ElementCollection
    @CollectionTable(name = "stock_mark", joinColumns = @JoinColumn(name = "stock_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = AT_ONCE)
    private List<MarkFields> marks = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "stock_reading", joinColumns = @JoinColumn(name = "stock_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = AT_ONCE)
    private List<MoistureFields> readings = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "stock_blank", joinColumns = @JoinColumn(name = "stock_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = AT_ONCE)
    private List<LaidFields> blanks = new ArrayList<>();

    protected StockBoardEntity() {
    }

    StockBoardEntity(long boardId) {
        this.boardId = boardId;
    }

    void write(BoardFields fields) {
        speciesId = fields.speciesId();
        seasoning = fields.seasoning();
        growthRings = fields.growthRings();
        grainRun = fields.grainRun();
        lengthMm = fields.lengthMm();
        widthMm = fields.widthMm();
        thicknessMm = fields.thicknessMm();
        kerfMm = fields.kerfMm();
        source = fields.source();
        place = fields.place();
        price = fields.price();
        note = fields.note();
        replace(marks, fields.marks());
        replace(readings, fields.readings());
        replace(blanks, fields.blanks());
    }

    private static <T> void replace(List<T> kept, List<T> by) {
        if (!kept.equals(by)) {
            kept.clear();
            kept.addAll(by);
        }
    }

    long boardId() {
        return boardId;
    }

    void isNow(long otherBoardId) {
        boardId = otherBoardId;
    }

    /** The jobs its blanks are for. */
    Set<Long> jobs() {
        return blanks.stream().map(LaidFields::jobId).filter(Objects::nonNull).collect(Collectors.toSet());
    }

    BoardFields fields(String name) {
        return new BoardFields(name, speciesId, seasoning, growthRings, grainRun, lengthMm, widthMm, thicknessMm, kerfMm, source, place, price, note,
                List.copyOf(marks), List.copyOf(readings), List.copyOf(blanks));
    }
}
