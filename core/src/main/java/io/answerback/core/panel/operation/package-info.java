/// How a panel works from second to second: set, unset, entry and exit times, alarms, sounders, supply and path,
/// by the decisions of a job. One reducer without a clock: time is handed in, and equal inputs give equal logs.
package io.answerback.core.panel.operation;
