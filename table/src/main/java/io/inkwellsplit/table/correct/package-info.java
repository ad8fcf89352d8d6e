/**
 * A person's word on how values are to be read, kept in a file and applied on every later run.
 *
 * <p>Start from {@link io.inkwellsplit.table.correct.Corrections}:
 *
 * <pre>{@code
 * Column,For,Text,Is
 * Patron,value,Brandt Marlow,first=Marlow; last=Brandt
 * Patron,word,Mary Ann,first
 * Address,word,Northwold,city
 * Patron,shape,AA AA,last first
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.correct;

import org.jspecify.annotations.NullMarked;
