package io.answerback.files.learning;

import io.answerback.core.learn.exercise.Exercise;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.DoubleStream;

/// A loop with a hidden fault and everything that the meter shows of it: Ohm's law for each answer there is to
/// choose.
final class PencilLoop {
    private static final double OPEN = Double.POSITIVE_INFINITY;
    private static final double[] NO_VALUE = {0};
    private static final double VALUE_CHOSEN = 8;
    private static final List<String> PROVOKED = List.of("on-test", "wet", "warm", "move");

    /// What may be the matter, in the circuit's own terms.
    private record Matter(String part, double partOhms, String fault, double ohms, boolean near) {
        boolean is(String words) {
            return fault.contains(words);
        }

        boolean has(String words) {
            return is(words) || part.contains(words);
        }

        /// The value that a wrong part has, wherever it was named.
        double wrongOhms() {
            return part.isEmpty() ? ohms : partOhms;
        }
    }

    private final Exercise exercise;
    private final double endOfLine;
    private final double alarm;
    private final double second;
    private final double cable;
    private final String scheme;
    private final String withoutSupply;
    private final Map<String, Double> read = new TreeMap<>();

    PencilLoop(Exercise exercise) {
        this.exercise = exercise;
        scheme = Pencil.given(exercise, "Scheme: ");
        withoutSupply = exercise.given().stream()
                .filter(line -> line.startsWith("Without supply"))
                .findFirst()
                .orElse("");
        endOfLine = Pencil.resistor(exercise, "End-of-line");
        alarm = Pencil.resistor(exercise, "Resistor of the alarm");
        second = Pencil.resistor(exercise, "Resistor of the second");
        List<Double> figures = Pencil.figures(Pencil.given(exercise, "Cable "));
        cable = 2 * figures.get(0) * 0.0172 / figures.get(1);
        exercise.work().orElseThrow().steps().stream()
                .map(step -> step.id())
                .filter(id -> id.matches(
                        "at-rest|active|second-active|both-active|masked|cover-off|far-end-.*|from-.*|to-0v|new-.*"))
                .forEach(id -> read.put(id, ohms(exercise.work().orElseThrow().shows(PROVOKED, id))));
    }

    private static double ohms(String shown) {
        return shown.startsWith("open")
                ? OPEN
                : Double.parseDouble(shown.replaceAll("[^0-9.]", ""))
                        * (shown.contains("MΩ") ? 1e6 : shown.contains("kΩ") ? 1e3 : 1);
    }

    private static double beside(double one, double other) {
        return one == 0 || other == 0 ? 0 : 1 / (1 / one + 1 / other);
    }

    /// What the device and its resistors are by themselves.
    private double device(Matter matter, String state) {
        boolean active = switch (state) {
            case "active", "both-active" -> true;
            default -> false;
        };
        active &= !matter.is("lost its supply");
        active ^= matter.has("wrong form") && !state.equals("cover-off");
        active = matter.is("sticks")
                ? matter.ohms() > 0
                : active || matter.is("lost its supply") && withoutSupply.endsWith("as in alarm");
        boolean other = state.equals("second-active") || state.equals("both-active") || state.equals("masked");
        if (state.equals("cover-off") || matter.is("lost its supply") && withoutSupply.endsWith("opens the loop")) {
            return OPEN;
        }
        double across = matter.has("wrong resistor at the contact") ? matter.wrongOhms() : alarm;
        across = matter.has("swapped") ? endOfLine : matter.has("contact is missing") ? OPEN : across;
        double end = matter.has("wrong end-of-line") ? matter.wrongOhms() : matter.has("swapped") ? alarm : endOfLine;
        boolean parallel = scheme.contains("contact across it");
        end = matter.has("bridged or left out") ? (parallel ? OPEN : 0) : end;
        end = matter.has("fitted twice") ? (parallel ? end / 2 : 2 * end) : end;
        end = matter.has("sits at the panel") ? (parallel ? OPEN : 0) : end;
        return switch (scheme) {
            case "closed loop" -> active ? OPEN : 0;
            case "normally-open loop" -> active ? 0 : OPEN;
            case "single end-of-line" -> active ? OPEN : end;
            case "end-of-line, contact across it" -> active ? 0 : end;
            case "two zones, resistors in two branches" -> beside(active ? OPEN : across, other ? OPEN : second);
            default -> end + (active ? across : 0) + (other ? second : 0);
        };
    }

    private double atPanel(Matter matter, double field) {
        if (!matter.has("sits at the panel")) {
            return field;
        }
        return scheme.contains("contact across it") ? beside(endOfLine, field) : endOfLine + field;
    }

    /// Both cores of a length of cable with what is at their end, and what is the matter with them.
    private double behind(Matter matter, double cores, double end) {
        if (matter.is("bridged by damp") || matter.is("bad joint")) {
            return cores + matter.ohms() + end;
        } else if (matter.is("broken core")) {
            return OPEN;
        } else if (matter.is("short in the cable")) {
            return Math.min(cores, matter.ohms());
        } else if (matter.is("damp joint")) {
            return cores + beside(matter.ohms(), end);
        } else if (matter.is("leak to 0 v")) {
            return cores / 2 + beside(matter.ohms(), cores / 2 + end);
        }
        return cores + end;
    }

    private double expected(Matter matter, String setup) {
        return switch (setup) {
            case "to-0v" -> matter.is("leak to 0 v") ? matter.ohms() : OPEN;
            case "from-mid-joint" -> fromTheJoint(matter);
            case "far-end-shorted" -> seen(matter, behind(matter, cable, 0));
            case "far-end-lifted" -> seen(matter, behind(matter, cable, OPEN));
            case "new-resistor" -> renewed(matter);
            default -> seen(matter, behind(matter, cable, device(matter, setup)));
        };
    }

    /// A second device's loop lies across it at the panel.
    private double seen(Matter matter, double field) {
        double own = atPanel(matter, field);
        return matter.is("second device") ? beside(own, cable + device(nothing(), "at-rest")) : own;
    }

    private double fromTheJoint(Matter matter) {
        boolean there = !matter.near() && !(matter.is("short in the cable") && matter.ohms() < cable / 2);
        Matter left = there
                ? new Matter(
                        matter.part(),
                        matter.partOhms(),
                        matter.fault(),
                        matter.is("short in the cable") ? matter.ohms() - cable / 2 : matter.ohms(),
                        false)
                : new Matter(matter.part(), matter.partOhms(), "", 0, false);
        double own = behind(left, cable / 2, device(left, "at-rest"));
        own = left.has("sits at the panel") ? atPanel(left, own) : own;
        return left.is("second device") ? beside(own, cable / 2 + device(nothing(), "at-rest")) : own;
    }

    private double renewed(Matter matter) {
        String healed = "wrong end-of-line|swapped|bridged or left out";
        boolean part = matter.part().matches(".*(" + healed + ").*");
        if (matter.fault().matches(".*(" + healed + ").*")) {
            return expected(nothing(), "at-rest");
        } else if (matter.is("sits at the panel")) {
            return expected(new Matter("", 0, "fitted twice", 0, false), "at-rest");
        }
        return expected(part ? new Matter("", 0, matter.fault(), matter.ohms(), matter.near()) : matter, "at-rest");
    }

    private static Matter nothing() {
        return new Matter("", 0, "", 0, false);
    }

    /// Everything that an answer can mean.
    private List<Matter> meant(String choice) {
        String words = choice.toLowerCase(Locale.ROOT);
        List<Matter> meant = new ArrayList<>();
        String part = words.contains(", and ") ? words.substring(0, words.indexOf(", and ")) : "";
        String fault = words.substring(part.isEmpty() ? 0 : part.length() + 6);
        boolean sided = fault.contains("the joint") && (fault.contains("between") || fault.contains("beyond"));
        for (double partOhms : part.contains("wrong") ? others(part) : NO_VALUE) {
            for (double ohms : values(fault)) {
                if (!sided || fault.contains("between")) {
                    meant.add(new Matter(part, partOhms, fault, ohms, true));
                }
                if (!sided || fault.contains("beyond")) {
                    meant.add(new Matter(part, partOhms, fault, ohms, false));
                }
            }
        }
        return meant;
    }

    private double[] values(String fault) {
        if (fault.contains("bridged by damp")) {
            return decades(100_000, 5_000_000);
        } else if (fault.contains("short in the cable")) {
            return DoubleStream.iterate(0, share -> share <= 1, share -> share + 0.1)
                    .map(share -> share * cable)
                    .toArray();
        } else if (fault.contains("damp joint") || fault.contains("leak") || fault.contains("bad joint")) {
            return decades(100, 90_000);
        } else if (fault.contains("wrong") && fault.contains("resistor")) {
            return others(fault);
        } else if (fault.contains("sticks")) {
            return new double[] {0, 1};
        }
        return NO_VALUE;
    }

    /// The values of the usual row that are not the planned one.
    private double[] others(String part) {
        double planned = part.contains("end-of-line") ? endOfLine : alarm;
        return DoubleStream.of(1, 10)
                .flatMap(decade -> DoubleStream.of(330, 390, 470, 560, 680, 820, 1000, 1200, 1500, 1800, 2200, 2700)
                        .map(ohms -> ohms * decade))
                .filter(ohms -> Math.abs(ohms - planned) > 0.15 * planned)
                .toArray();
    }

    private static double[] decades(double from, double to) {
        return DoubleStream.iterate(from, ohms -> ohms <= to, ohms -> ohms * 1.04)
                .toArray();
    }

    /// How far its readings are from those of the meter; what a value is needed for is less likely than what
    /// fits without one.
    private double away(Matter matter) {
        int chosen = (matter.part().contains("wrong") ? 1 : 0) + (matter.ohms() > 0 ? 1 : 0);
        return VALUE_CHOSEN * chosen
                + read.entrySet().stream()
                        .mapToDouble(reading -> away(reading.getValue(), expected(matter, reading.getKey())))
                        .map(away -> away * away)
                        .sum();
    }

    private static double away(double read, double expected) {
        if (Double.isInfinite(read) || Double.isInfinite(expected)) {
            return read == expected ? 0 : 10;
        }
        return Math.log((read + 50) / (expected + 50)) / 0.02;
    }

    /// The answer that comes nearest to every reading.
    String solved() {
        return exercise.choices().stream()
                .min(Comparator.comparingDouble(choice ->
                        meant(choice).stream().mapToDouble(this::away).min().orElse(OPEN)))
                .orElseThrow();
    }
}
