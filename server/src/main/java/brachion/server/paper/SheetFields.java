package brachion.server.paper;

import brachion.core.quantity.UnitSystem;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What stands on a sheet, in the words of whoever asks for it.
 *
 * @param paper    what it is printed on
 * @param units    what lengths in its drawings are written in
 * @param title    its heading
 * @param lines    lines below the heading
 * @param rows     what is measured out
 * @param ready    what is ticked off before it begins
 * @param byHand   what is written down by hand
 * @param cautions what can hurt
 * @param code     where a square code leads, the address of a page; none without one
 */
public record SheetFields(@NotNull(message = "Choose a paper.") Paper paper, @NotNull(message = "Say what lengths are written in.") UnitSystem units,
                          @NotBlank(message = "The sheet needs a heading.") @Size(max = 120, message = "A heading may be up to 120 characters long.") String title,
                          @Size(max = 30) List<@NotNull @Size(max = MOST_LETTERS) String> lines, @Size(max = 400) List<@NotNull @Valid RowFields> rows,
                          @Size(max = 40) List<@NotNull @Size(max = MOST_LETTERS) String> ready, @Size(max = 20) List<@NotNull @Size(max = MOST_LETTERS) String> byHand,
                          @Size(max = 10) List<@NotNull @Size(max = MOST_LETTERS) String> cautions, @Size(max = 500) String code) {

    private static final int MOST_LETTERS = 1000;

    /**
     * One thing that is measured out.
     *
     * @param label what
     * @param value how much
     */
    public record RowFields(@NotNull @Size(max = 120) String label, @NotNull @Size(max = 200) String value) {
    }

    /** What is not said is not on it. */
    public SheetFields {
        lines = lines == null ? List.of() : lines;
        rows = rows == null ? List.of() : rows;
        ready = ready == null ? List.of() : ready;
        byHand = byHand == null ? List.of() : byHand;
        cautions = cautions == null ? List.of() : cautions;
        code = Absent.given(code);
    }
}
