package io.answerback.core.learn.exercise;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.site.Job;
import java.util.List;
import java.util.Optional;

/// An exercise. Its solution is kept in it and is seen by judging an answer only.
public final class Exercise {
    /// The most grades there are.
    public static final int GRADES = 5;

    private final ExerciseKind kind;
    private final int grade;
    private final long seed;
    private final String asked;
    private final List<String> given;
    private final List<String> choices;
    private final Solution solution;
    private final Optional<SiteWork> work;
    private final Optional<Picture> picture;
    private final Optional<Job> plan;

    /// @param grade how hard it is, 1 to [#GRADES]
    /// @param seed what it was made from
    /// @param asked what is asked
    /// @param given what is known
    /// @param choices what may be answered; empty where anything may
    public Exercise(
            ExerciseKind kind,
            int grade,
            long seed,
            String asked,
            List<String> given,
            List<String> choices,
            Solution solution) {
        this(kind, grade, seed, asked, given, choices, solution, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private Exercise(
            ExerciseKind kind,
            int grade,
            long seed,
            String asked,
            List<String> given,
            List<String> choices,
            Solution solution,
            Optional<SiteWork> work,
            Optional<Picture> picture,
            Optional<Job> plan) {
        this.kind = kind;
        this.grade = Require.within(grade, 1, GRADES, "grade of an exercise");
        this.seed = seed;
        this.asked = asked;
        this.given = List.copyOf(given);
        this.choices = List.copyOf(choices);
        this.solution = solution;
        this.work = work;
        this.picture = picture;
        this.plan = plan;
    }

    /// The same with a picture.
    public Exercise withPicture(Picture its) {
        return new Exercise(kind, grade, seed, asked, given, choices, solution, work, Optional.of(its), plan);
    }

    /// An exercise that is worked on site, where the way to the answer is judged with it.
    public static Exercise onSite(
            ExerciseKind kind,
            int grade,
            long seed,
            String asked,
            List<String> given,
            List<String> choices,
            SiteWork work) {
        return new Exercise(
                kind,
                grade,
                seed,
                asked,
                given,
                choices,
                answer -> work.judge(List.of(), answer),
                Optional.of(work),
                Optional.empty(),
                Optional.empty());
    }

    /// The same with work on site, which then judges the answer.
    public Exercise withWork(SiteWork its) {
        return new Exercise(kind, grade, seed, asked, given, choices, solution, Optional.of(its), picture, plan);
    }

    /// The same with the plan of its site.
    public Exercise withPlan(Job its) {
        return new Exercise(kind, grade, seed, asked, given, choices, solution, work, picture, Optional.of(its));
    }

    /// What is learned.
    public ExerciseKind kind() {
        return kind;
    }

    /// How hard it is, 1 to [#GRADES].
    public int grade() {
        return grade;
    }

    /// What it was made from.
    public long seed() {
        return seed;
    }

    /// What is asked.
    public String asked() {
        return asked;
    }

    /// What is known, line by line.
    public List<String> given() {
        return given;
    }

    /// What may be answered; empty where anything may.
    public List<String> choices() {
        return choices;
    }

    /// What can be done on site before it is answered; empty where nothing can.
    public Optional<SiteWork> work() {
        return work;
    }

    /// The plan of its site, as a job of its own: what should be there, and never what is. Empty where the
    /// plan would be the answer.
    public Optional<Job> plan() {
        return plan;
    }

    /// What is shown beside the words; empty for nothing.
    public Optional<Picture> picture() {
        return picture;
    }

    /// Judges an answer without any work on site.
    public Judgement judge(String answer) {
        return judge(List.of(), answer);
    }

    /// Judges an answer and the way to it.
    ///
    /// @param done what was done on site, in order
    /// @throws IllegalArgumentException when a step is none of the exercise's
    public Judgement judge(List<String> done, String answer) {
        String bare = answer == null ? "" : answer.strip();
        return work.map(its -> its.judge(done, bare)).orElseGet(() -> solution.judge(bare));
    }
}
