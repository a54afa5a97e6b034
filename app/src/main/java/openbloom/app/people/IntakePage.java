package openbloom.app.people;

import java.util.List;
import openbloom.core.dating.DatingBasis;
import openbloom.core.moves.Equipment;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.springframework.web.servlet.ModelAndView;

/** The page on which a woman is taken in, with whatever is filled in already. */
public final class IntakePage {
    private IntakePage() {}

    /** Nothing of it is kept before it is sent. */
    public static ModelAndView of(IntakeForm form) {
        return new ModelAndView("people/intake")
                .addObject("form", form)
                .addObject("situations", LifeSituation.values())
                .addObject("bases", List.of(DatingBasis.values()))
                .addObject("birthKinds", BirthKind.values())
                .addObject("tears", Tear.values())
                .addObject("allConditions", Condition.values())
                .addObject("allEquipment", Equipment.values())
                .addObject("allLimits", ClinicalRestriction.values());
    }
}
