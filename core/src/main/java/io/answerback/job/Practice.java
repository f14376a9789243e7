package io.answerback.job;

/// The firm's house rules as far as the sums need them.
///
/// @param wording the school of words
/// @param grade the risk grade the job is built to, 1 to 4
/// @param scheme the loop scheme the firm uses unless a point says otherwise
/// @param leastLoopMargin the least share of a band's half-width that must be left, 0 to 1; less is "tight"
/// @param dampJointOhms the leak against which loops are tried, in ohms: a wet joint across the pair
public record Practice(Wording wording, int grade, SchemeKind scheme, double leastLoopMargin, double dampJointOhms) {
    /// @throws IllegalArgumentException when a figure is out of bounds or a choice missing
    public Practice {
        Require.given(wording, "wording");
        Require.within(grade, 1, 4, "grade");
        Require.given(scheme, "loop scheme");
        Require.within(leastLoopMargin, 0, 1, "least loop margin");
        Require.within(dampJointOhms, 1, 1e9, "damp joint in ohms");
    }
}
