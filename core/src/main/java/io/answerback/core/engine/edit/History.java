package io.answerback.core.engine.edit;

import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// A job with the way back and the way forward. Never changes; each step makes another.
///
/// @param present the job as it is now
/// @param past what was done, newest last, each with the job before it
/// @param future what was undone, newest last, each with the job after it
public record History(Job present, List<Step> past, List<Step> future) {
    private static final int MOST_STEPS = 500;

    /// One thing done or undone.
    ///
    /// @param name the edit's name
    /// @param job the job to return to
    public record Step(String name, Job job) {}

    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    /// A history with nothing done yet.
    public static History of(Job job) {
        return new History(job, List.of(), List.of());
    }

    /// The history after an edit that was made; what had been undone is forgotten. An edit that changed nothing
    /// leaves no step.
    ///
    /// @param name the edit's name
    public History after(String name, Edited.Done made) {
        Job next = made.job();
        return next.equals(present) ? this : new History(next, with(past, new Step(name, present)), List.of());
    }

    /// Takes up a fact from outside, such as a proof: it holds in every step, so undoing an earlier edit keeps
    /// it.
    public History learn(UnaryOperator<Job> fact) {
        return new History(fact.apply(present), learnt(past, fact), learnt(future, fact));
    }

    /// The history one step back; the same when there is nothing to undo.
    public History undo() {
        return undoName()
                .map(name -> new History(
                        past.getLast().job(), past.subList(0, past.size() - 1), with(future, new Step(name, present))))
                .orElse(this);
    }

    /// The history one step forward again; the same when there is nothing to redo.
    public History redo() {
        return redoName()
                .map(name -> new History(
                        future.getLast().job(),
                        with(past, new Step(name, present)),
                        future.subList(0, future.size() - 1)))
                .orElse(this);
    }

    /// The name of what undo would take back; empty when there is nothing.
    public Optional<String> undoName() {
        return past.isEmpty() ? Optional.empty() : Optional.of(past.getLast().name());
    }

    /// The name of what redo would do again; empty when there is nothing.
    public Optional<String> redoName() {
        return future.isEmpty()
                ? Optional.empty()
                : Optional.of(future.getLast().name());
    }

    private static List<Step> learnt(List<Step> steps, UnaryOperator<Job> fact) {
        return steps.stream()
                .map(step -> new Step(step.name(), fact.apply(step.job())))
                .toList();
    }

    private static List<Step> with(List<Step> steps, Step last) {
        List<Step> all = new ArrayList<>(steps.subList(Math.max(0, steps.size() + 1 - MOST_STEPS), steps.size()));
        all.add(last);
        return all;
    }
}
