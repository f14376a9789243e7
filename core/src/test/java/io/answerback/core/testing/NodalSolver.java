package io.answerback.core.testing;

import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.LoopPart;
import java.util.ArrayList;
import java.util.List;

/// An independent oracle: solves a network by nodal analysis (Kirchhoff's current law, Gaussian elimination)
/// with a test current of one ampere. Shares nothing with the code under test but the description of the
/// network.
public final class NodalSolver {
    /// A resistance that stands for an open contact or a cut: 1 GΩ.
    private static final double OPEN_OHMS = 1e9;

    /// A resistance that stands for a short: 1 µΩ.
    private static final double SHORT_OHMS = 1e-6;

    private record Edge(int from, int to, double ohms) {}

    private final List<Edge> edges = new ArrayList<>();
    private final Extreme extreme;
    private int nodes = 2;

    private NodalSolver(Extreme extreme) {
        this.extreme = extreme;
    }

    public static double ohms(LoopPart part, Extreme extreme) {
        NodalSolver solver = new NodalSolver(extreme);
        solver.place(part, 1, 0);
        return solver.solve();
    }

    private void place(LoopPart part, int from, int to) {
        switch (part) {
            case LoopPart.Series series -> {
                int at = from;
                for (int i = 0; i < series.parts().size(); i++) {
                    int next = i == series.parts().size() - 1 ? to : nodes++;
                    place(series.parts().get(i), at, next);
                    at = next;
                }
            }
            case LoopPart.Parallel parallel -> parallel.parts().forEach(branch -> place(branch, from, to));
            default -> edges.add(new Edge(from, to, Math.clamp(part.ohms(extreme), SHORT_OHMS, OPEN_OHMS)));
        }
    }

    /// Node 0 is ground; one ampere flows into node 1, so its voltage is the resistance.
    private double solve() {
        int size = nodes - 1;
        double[][] matrix = new double[size][size + 1];
        for (Edge edge : edges) {
            double siemens = 1 / edge.ohms();
            add(matrix, edge.from(), edge.from(), siemens);
            add(matrix, edge.to(), edge.to(), siemens);
            add(matrix, edge.from(), edge.to(), -siemens);
            add(matrix, edge.to(), edge.from(), -siemens);
        }
        matrix[0][size] = 1;
        return eliminate(matrix)[0];
    }

    private static void add(double[][] matrix, int row, int column, double siemens) {
        if (row > 0 && column > 0) {
            matrix[row - 1][column - 1] += siemens;
        }
    }

    private static double[] eliminate(double[][] matrix) {
        int size = matrix.length;
        for (int pivot = 0; pivot < size; pivot++) {
            for (int row = 0; row < size; row++) {
                if (row != pivot && matrix[pivot][pivot] != 0) {
                    double factor = matrix[row][pivot] / matrix[pivot][pivot];
                    for (int column = pivot; column <= size; column++) {
                        matrix[row][column] -= factor * matrix[pivot][column];
                    }
                }
            }
        }
        double[] volts = new double[size];
        for (int row = 0; row < size; row++) {
            volts[row] = matrix[row][size] / matrix[row][row];
        }
        return volts;
    }
}
