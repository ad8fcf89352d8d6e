/**
 * What is known of places: the countries with the words and forms of their addresses, their regions, towns and postcodes.
 * Knows no address.
 */
@NullMarked
package io.inkwellsplit.address.place;

import org.jspecify.annotations.NullMarked;
