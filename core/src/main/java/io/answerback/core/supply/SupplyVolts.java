package io.answerback.core.supply;

import io.answerback.core.model.id.CableId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The volts in a supply tree.
///
/// @param at the volts at every place that has any, by its name
/// @param collapsedAt the places at which branches begin that have no volts left for what they feed; empty when
///     all hold
public record SupplyVolts(Map<Optional<CableId>, Double> at, List<String> collapsedAt) {
    private static final int MOST_STEPS = 100;
    private static final double CLOSE_VOLTS = 1e-10;

    public SupplyVolts {
        at = Collections.unmodifiableMap(at);
        collapsedAt = List.copyOf(collapsedAt);
    }

    /// Whether there is a voltage everywhere.
    public boolean holds() {
        return collapsedAt.isEmpty();
    }

    /// Solves a tree by Newton's method: with every load as its tangent, each branch is one source and one
    /// conductance seen from the place before it, so a step is one sweep inwards and one outwards. Constant
    /// power has two solutions or none; begun at the source's volts, the steps come down to the upper one and
    /// never pass it. Where there is none the branch collapses: what hangs on it cannot be supplied and takes
    /// nothing any more. It is named, cut off, and the rest is solved without it.
    ///
    /// @param root the output
    /// @param volts what the source gives, in volts
    public static SupplyVolts solve(SupplyNode root, double volts) {
        return new Solver(root, volts).solved();
    }

    private static final class Solver {
        private final List<SupplyNode> nodes = new ArrayList<>();
        private final List<Integer> parents = new ArrayList<>();
        private final double source;
        private final double[] volts;
        private final double[] amps;
        private final double[] slope;
        private final boolean[] cut;

        Solver(SupplyNode root, double source) {
            this.source = source;
            add(root, -1);
            int size = nodes.size();
            volts = new double[size];
            amps = new double[size];
            slope = new double[size];
            cut = new boolean[size];
        }

        private void add(SupplyNode node, int parent) {
            int at = nodes.size();
            nodes.add(node);
            parents.add(parent);
            node.onward().forEach(next -> add(next, at));
        }

        SupplyVolts solved() {
            List<String> collapsed = new ArrayList<>();
            int branch = settled();
            while (branch >= 0) {
                collapsed.add(nodes.get(branch).name());
                cutOff(branch);
                branch = settled();
            }
            Map<Optional<CableId>, Double> at = new LinkedHashMap<>();
            for (int i = 0; i < volts.length; i++) {
                if (!cut[i]) {
                    at.put(nodes.get(i).cableId(), volts[i]);
                }
            }
            return new SupplyVolts(at, collapsed);
        }

        private void cutOff(int branch) {
            cut[branch] = true;
            for (int i = branch + 1; i < cut.length; i++) {
                cut[i] = cut[i] || cut[parents.get(i)];
            }
        }

        /// Brings the volts to rest; the place of a branch that has no solution, or -1.
        private int settled() {
            Arrays.fill(volts, source);
            for (int step = 0; step < MOST_STEPS; step++) {
                int collapsed = inwards();
                if (collapsed >= 0) {
                    return collapsed;
                }
                double moved = 0;
                for (int i = 0; i < nodes.size(); i++) {
                    double before = volts[i];
                    double ohms = nodes.get(i).ohms();
                    double ahead = i == 0 ? source : volts[parents.get(i)];
                    volts[i] = (ahead - ohms * amps[i]) / (1 + ohms * slope[i]);
                    if (!cut[i] && !(volts[i] > 0)) {
                        return i;
                    }
                    moved = cut[i] ? moved : Math.max(moved, Math.abs(volts[i] - before));
                }
                if (moved < CLOSE_VOLTS) {
                    return -1;
                }
            }
            return lowest();
        }

        /// What each place with all behind it takes, as amps + slope · volts there; the place where that has no
        /// solution, or -1.
        private int inwards() {
            for (int i = 0; i < nodes.size(); i++) {
                amps[i] = 0;
                slope[i] = 0;
                for (SupplyNode.Load load :
                        cut[i] ? List.<SupplyNode.Load>of() : nodes.get(i).loads()) {
                    double tangent = load.slopeAt(volts[i]);
                    slope[i] += tangent;
                    amps[i] += load.ampsAt(volts[i]) - tangent * volts[i];
                }
            }
            for (int i = nodes.size() - 1; i >= 0; i--) {
                double share = 1 + nodes.get(i).ohms() * slope[i];
                if (share <= 0) {
                    return i;
                }
                if (i > 0 && !cut[i]) {
                    amps[parents.get(i)] += amps[i] / share;
                    slope[parents.get(i)] += slope[i] / share;
                }
            }
            return -1;
        }

        private int lowest() {
            int lowest = -1;
            for (int i = 0; i < volts.length; i++) {
                lowest = !cut[i] && (lowest < 0 || volts[i] < volts[lowest]) ? i : lowest;
            }
            return lowest;
        }
    }
}
