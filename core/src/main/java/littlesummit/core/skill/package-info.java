/** The skills, their graph, and one small generator a skill, in one package a strand. docs/adding-a-skill.md shows how to write one. */
package littlesummit.core.skill;
