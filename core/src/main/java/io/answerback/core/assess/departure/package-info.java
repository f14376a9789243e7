/// Where a job departs from the house rules, and why.
package io.answerback.core.assess.departure;
