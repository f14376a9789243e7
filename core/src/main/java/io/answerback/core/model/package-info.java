/// What is recorded of a site, subject by subject. Nothing here is computed from it.
package io.answerback.core.model;
