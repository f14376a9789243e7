/// Where each zone is read. It needs the job only, so that the panel can use it.
package io.answerback.core.loop.zone;
