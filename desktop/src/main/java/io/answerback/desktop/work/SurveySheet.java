package io.answerback.desktop.work;

import io.answerback.core.assess.departure.DepartureWithoutReason;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.survey.AreaWithoutSetting;
import io.answerback.core.survey.capacity.InputOfAnotherUse;
import io.answerback.core.survey.capacity.InputsShort;
import io.answerback.core.survey.capacity.ModuleUnfit;
import io.answerback.core.survey.capacity.PanelLimitPassed;
import io.answerback.core.survey.takeover.FoundUnlikePlanned;
import io.answerback.core.survey.takeover.SeriesHidesContacts;
import java.util.List;

/// The sheets of the survey: what is looked at and mended together.
public enum SurveySheet {
    /// Points in their areas.
    ROOMS("Rooms"),
    /// Inputs needed against inputs there are, and everything else the panel takes so many of.
    INPUTS("Inputs"),
    /// Old wiring that is taken over.
    OLD_WIRING("Old wiring"),
    /// How the firm does things, and where this job departs.
    HOUSE_RULES("House rules");

    private static final List<Rule> OF_INPUTS = List.of(
            InputsShort.RULE, PanelLimitPassed.RULE, ModuleUnfit.RULE, InputOfAnotherUse.RULE, AreaWithoutSetting.RULE);
    private static final List<Rule> OF_OLD_WIRING = List.of(SeriesHidesContacts.RULE, FoundUnlikePlanned.RULE);
    private static final List<Rule> OF_RULES = List.of(DepartureWithoutReason.RULE);

    private final String title;

    SurveySheet(String title) {
        this.title = title;
    }

    /// Its name on screen.
    public String title() {
        return title;
    }

    /// The sheet on which a finding of the survey is mended.
    public static SurveySheet of(Finding finding) {
        Rule rule = finding.rule();
        if (OF_INPUTS.contains(rule)) {
            return INPUTS;
        }
        if (OF_OLD_WIRING.contains(rule)) {
            return OLD_WIRING;
        }
        return OF_RULES.contains(rule) ? HOUSE_RULES : ROOMS;
    }
}
