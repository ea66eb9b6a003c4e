package brachion.load;

import brachion.endure.LaunchedProduct;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;

/** A spiral of ten parts, one arc of which is pulled about. */
final class DraggedCurve {

    private final LaunchedProduct product;

    DraggedCurve(LaunchedProduct product) {
        this.product = product;
    }

    List<String> measure() throws IOException {
        return List.of(Dragging.row("an arc of a spiral pulled wider and tighter", product, "/plan/curve", page -> {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Spiral").setExact(true)).click();
            Locator arc = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Radius of part 9").setExact(true));
            arc.waitFor();
            return arc;
        }));
    }
}
