package io.answerback.core.engine.edit;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.Raise;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Site;
import io.answerback.core.model.site.TitleBlock;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to the rules a job is done by, and to what the whole site is.
public final class PracticeEdits {
    private PracticeEdits() {}

    /// Another firm's rules, or another edition of the same.
    public static Edit rules(HouseRules rules) {
        return practice("house rules " + rules.name(), practice -> practice.withFirm(rules));
    }

    /// Another answer to a question, on this job.
    ///
    /// @param what what it is called, as the undo menu says it
    public static Edit option(String what, PracticeOption option) {
        return practice(what, practice -> practice.withOption(option));
    }

    /// Another value for a figure, on this job, in the figure's own unit.
    public static Edit figure(String what, RuleFigure figure, double value) {
        return practice(what, practice -> practice.withFigure(figure, value));
    }

    /// The colours the firm uses for something, the best first.
    public static Edit coreColours(CoreUse use, List<String> wanted) {
        return practice(
                "colours for " + use.words(),
                practice -> practice.withFirm(
                        practice.firm().withCores(practice.firm().cores().with(use, wanted))));
    }

    /// What the firm makes the findings of a rule weigh at least; empty for the rule's own weight.
    ///
    /// @param rule the id of the rule
    public static Edit raised(String rule, Optional<Raise> weight) {
        return practice(
                "weight of " + rule,
                practice -> practice.withFirm(practice.firm().withRaised(rule, weight)));
    }

    /// Why the job departs from the rules; a blank reason takes it away.
    public static Edit reason(String departure, String reason) {
        return practice("reason for a departure", practice -> practice.withReason(departure, reason));
    }

    private static Edit practice(String name, UnaryOperator<Practice> change) {
        return new Edit(name, job -> job.withPractice(change.apply(job.practice())));
    }

    /// Another name for the site, and another line that finds it.
    public static Edit site(String name, String place) {
        return new Edit(
                "name of the site",
                job -> job.withSite(
                        new Site(name, place, job.site().people(), job.site().drawings())));
    }

    /// How many people need a code.
    public static Edit drawings(TitleBlock words) {
        return new Edit("title block", job -> job.withSite(job.site().withDrawings(words)));
    }

    /// How many people need a code of their own.
    public static Edit people(int people) {
        return new Edit(
                "people who need a code",
                job -> job.withSite(new Site(
                        job.site().name(),
                        job.site().place(),
                        people,
                        job.site().drawings())));
    }

    /// Which areas can be made to watch from a module with keys.
    public static Edit keypadAreas(ModuleId module, List<Integer> areas) {
        return new Edit("areas", module, job -> withAreas(job, module, areas));
    }

    private static Job withAreas(Job job, ModuleId id, List<Integer> areas) {
        return job.withModules(job.modules().stream()
                .map(module -> module.id().equals(id) ? module.withAreas(areas) : module)
                .toList());
    }
}
