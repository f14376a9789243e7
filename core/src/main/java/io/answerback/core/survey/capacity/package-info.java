/// Inputs, zones, areas and addresses: what is needed, what there is, and the cheapest way to close a gap.
package io.answerback.core.survey.capacity;
