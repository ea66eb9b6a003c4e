package brachion.server.shape;

import brachion.core.form.Form;
import brachion.core.form.FormWanted;
import brachion.core.method.Recipe;
import brachion.core.shape.Chain;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.recipe.Workshops;
import brachion.server.shape.CurveController.CurveRequest;
import org.springframework.stereotype.Component;

/** Makes the form somebody asks for to a curve; what cannot be made is refused where it was asked. */
@Component
class FormForCurve {

    private final OddsOfTheShop odds;
    private final Workshops workshops;

    FormForCurve(OddsOfTheShop odds, Workshops workshops) {
        this.odds = odds;
        this.workshops = workshops;
    }

    /**
     * A form, and what was wanted of it.
     *
     * @param form   the form
     * @param wanted what was wanted
     */
    record Made(Form form, FormWanted wanted) {
    }

    Made made(CurveRequest curve, FormWantedFields form) {
        Recipe recipe = curve.recipe().toRecipe(workshops.now());
        Chain chain = ChainFields.asked("chain", curve.chain()::toChain);
        Chain formed = ChainFields.asked("chain", () -> odds.chains().formed(recipe, chain, curve.strapTurned()));
        FormWanted wanted = ChainFields.asked("form", () -> form.toWanted(recipe));
        return new Made(ChainFields.asked("form", () -> Form.of(formed, wanted)), wanted);
    }
}
