/// What is taken to the site: counted from the job, without what is there already.
package io.answerback.core.work.materials;
