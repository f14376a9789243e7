/// What would give a device the volts it lacks, tried on the job before it is offered.
package io.answerback.core.assess.remedy;
