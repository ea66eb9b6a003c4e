package brachion.server.stock;

import brachion.core.forecast.Odds;
import brachion.core.method.Workshop;
import brachion.core.stock.Area;
import brachion.core.stock.BlankSize;
import brachion.core.stock.LaidBlank;
import brachion.core.stock.Layout;
import brachion.core.stock.Mark;
import brachion.core.stock.Places;
import brachion.core.stock.WoodAtPlace;
import brachion.server.forecasting.MarksFields;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What blanks on a board are worth where they lie, and where they would lie best; nothing is stored. */
@RestController
@RequestMapping("/api/stock")
class LayoutController {

    private static final int MOST = 100;

    private final OddsOfTheShop odds;
    private final Workshops workshops;

    LayoutController(OddsOfTheShop odds, Workshops workshops) {
        this.odds = odds;
        this.workshops = workshops;
    }

    /**
     * @param board  the board with the blanks as they lie
     * @param recipe the bend they are for; null asks for no odds
     * @param marks  the marks of the rule they are sawn by
     */
    record LayoutFields(@NotNull @Valid BoardFields board, @Valid RecipeFields recipe, @NotNull @Valid MarksFields marks) {
    }

    /**
     * @param blanks      what each blank is made of
     * @param sawingOrder the blanks in the order they are sawn
     * @param leftShare   share of the face that no blank takes
     * @param largestLeft the largest sound piece left in one; null when there is none
     * @param size        what is sawn for the bend; null when none was asked for
     */
    record LayoutReading(@NotNull List<LaidReading> blanks, @NotNull List<Integer> sawingOrder, @NotNull Double leftShare, Area largestLeft, BlankSize size) {
    }

    /**
     * What a blank is made of.
     *
     * @param trouble  why it cannot be sawn where it lies; null when it can
     * @param inBend   marks that spoil a bend and reach into this one, by their place in the list
     * @param through  marks that spoil the blank
     * @param beside   other marks on it
     * @param recipe   the bend made of it; null when none was asked for
     * @param unbroken odds that it does not break then
     */
    record LaidReading(Layout.Trouble trouble, @NotNull List<Integer> inBend, @NotNull List<Integer> through, @NotNull List<Integer> beside, RecipeFields recipe,
                       Odds unbroken) {
    }

    /**
     * @param board  the board with the blanks that stay
     * @param recipe the bend blanks are wanted for
     * @param name   what they are for
     * @param wanted how many
     * @param marks  the marks of the rule they are sawn by
     * @param jobId  the job they are for; null for none
     */
    record ProposalRequest(@NotNull @Valid BoardFields board, @NotNull(message = "Say what they are for.") @Valid RecipeFields recipe,
                           @NotBlank(message = "Give the blanks a name.") @Size(max = MOST, message = "A name may be up to 100 characters long.") String name,
                           @NotNull(message = "Say how many.") @Min(value = 1, message = "At least one.") @Max(value = MOST, message = "At most 100 at once.") Integer wanted,
                           @NotNull @Valid MarksFields marks, @Schema(nullable = true) Long jobId) {
    }

    /**
     * @param blanks where they lie best; fewer than wanted when there is no room for more
     * @param size   what is sawn for each
     */
    record ProposalAnswer(@NotNull List<LaidFields> blanks, @NotNull BlankSize size) {
    }

    @PostMapping("/layout")
    LayoutReading layout(@Valid @RequestBody LayoutFields request) {
        BoardFields board = request.board();
        Workshop workshop = workshops.now();
        board.requireSense(workshop.woods());
        Layout layout = board.toLayout();
        OnBoard bend = request.recipe() == null ? null : new OnBoard(request.recipe(), board, workshop, odds.unbroken());
        return new LayoutReading(IntStream.range(0, layout.blanks().size()).mapToObj(blank -> reading(layout, blank, bend)).toList(),
                layout.sawingOrder(), layout.leftShare(), layout.largestLeft().orElse(null), bend == null ? null : bend.size(request.marks().toMarks()));
    }

    @PostMapping("/proposal")
    Callable<ProposalAnswer> propose(@Valid @RequestBody ProposalRequest request) {
        BoardFields board = request.board();
        Workshop workshop = workshops.now();
        board.requireSense(workshop.woods());
        OnBoard bend = new OnBoard(request.recipe(), board, workshop, odds.unbroken());
        return () -> proposed(request, board.toLayout(), bend);
    }

    private static ProposalAnswer proposed(ProposalRequest request, Layout layout, OnBoard bend) {
        BlankSize size = bend.size(request.marks().toMarks());
        List<LaidBlank> places = new Places(layout.board(), layout.kerfMm(), wood -> bend.odds(wood).probability())
                .propose(layout.blanks(), size, request.wanted());
        int there = layout.blanks().size();
        int before = (int) request.board().blanks().stream().filter(blank -> blank.ply() != null && Objects.equals(blank.jobId(), request.jobId())).count();
        return new ProposalAnswer(IntStream.range(0, places.size())
                .mapToObj(place -> LaidFields.of(request.name().strip() + " " + (there + place + 1), places.get(place), request.jobId(), size.firstPly(before + place)))
                .toList(), size);
    }

    private static LaidReading reading(Layout layout, int blank, OnBoard bend) {
        WoodAtPlace wood = layout.wood(blank);
        return new LaidReading(layout.trouble(blank).orElse(null), places(layout, wood.inBend()), places(layout, wood.through()), places(layout, wood.beside()),
                bend == null ? null : bend.recipe(wood), bend == null ? null : bend.odds(wood));
    }

    private static List<Integer> places(Layout layout, List<Mark> marks) {
        return marks.stream().map(layout.board().marks()::indexOf).toList();
    }
}
