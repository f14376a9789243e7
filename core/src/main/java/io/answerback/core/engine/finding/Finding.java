package io.answerback.core.engine.finding;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.site.Edit;
import java.util.Objects;
import java.util.Optional;

/// Something the engineer should know or mend.
///
/// @param rule what found it
/// @param of what tells it apart from others of the same rule; empty where there is only one
/// @param grade how much it matters here
/// @param target what it is about
/// @param says what is wrong and by how much, as a headline
/// @param why why it matters here
/// @param remedy what to do
/// @param mend the edit that mends it, or notes it as mended, where nothing has to be decided first
public record Finding(
        Rule rule, String of, Grade grade, Target target, String says, String why, String remedy, Optional<Edit> mend) {
    /// The same, told apart from others of its rule otherwise than by its target.
    public Finding of(Object other) {
        return new Finding(rule, other.toString(), grade, target, says, why, remedy, mend);
    }

    /// The same, with the edit that mends it.
    public Finding mendedBy(Edit edit) {
        return new Finding(rule, of, grade, target, says, why, remedy, Optional.of(edit));
    }

    /// The same with the weight it has on a site of a grade, and why; see [SiteGrades].
    ///
    /// @param siteGrade the grade of the site by its rules, 1 to 4
    public Finding onSiteOf(int siteGrade) {
        return SiteGrades.raised(rule, grade, siteGrade)
                .map(line -> new Finding(
                        rule, of, line.grade(), target, says, (why + " " + line.reason()).strip(), remedy, mend))
                .orElse(this);
    }

    /// The same with the weight the firm makes it have at least.
    public Finding raisedBy(HouseRules firm) {
        return Optional.ofNullable(firm.raised().get(rule.id()))
                .map(SiteGrades::grade)
                .filter(raised -> raised.compareTo(grade) > 0)
                .map(raised -> new Finding(
                        rule, of, raised, target, says, (why + " " + SiteGrades.BY_THE_FIRM).strip(), remedy, mend))
                .orElse(this);
    }

    /// Stable as long as the finding stands: the rule and what it is about, such as "zone-off:15".
    public String id() {
        return of.isEmpty() ? rule.id() : rule.id() + ":" + of;
    }

    /// Where it is mended.
    public Stop stop() {
        return rule.stop();
    }

    /// The zone point or system point it belongs to; empty when it belongs to none.
    public Optional<PointId> point() {
        return target.pointId();
    }

    /// What it says, after the number of its point where it has one, for a list of findings of many points.
    public String headline() {
        return point().map(id -> id + " " + says).orElse(says);
    }

    /// The part to mend, as the job names it; empty when it is the point itself, or nothing single.
    public String part() {
        return target.part();
    }

    /// Whether both say the same of the same thing. The edits that mend it are compared by their names: functions
    /// cannot be compared.
    @Override
    public boolean equals(Object other) {
        return other instanceof Finding its
                && rule.equals(its.rule)
                && of.equals(its.of)
                && grade == its.grade
                && target.equals(its.target)
                && says.equals(its.says)
                && why.equals(its.why)
                && remedy.equals(its.remedy)
                && mend.map(Edit::what).equals(its.mend.map(Edit::what))
                && mend.flatMap(Edit::of).equals(its.mend.flatMap(Edit::of));
    }

    @Override
    public int hashCode() {
        return Objects.hash(rule.id(), of, says);
    }
}
