/**
 * What a skill is, where items come from, and what helps to write one. The skills themselves are in the module {@code
 * content}.
 */
package littlesummit.core.skill;
