<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

/** What a field holds. */
enum FieldKind: string
{
    /** Millimetres, or a text with its unit. */
    case Length = 'length';
    /** A number in the unit that the field names. */
    case Number = 'number';
    /** So many numbers in order. */
    case Numbers = 'numbers';
    /** So many lengths in order, such as a place. */
    case Lengths = 'lengths';
    /** Places in order, each of so many lengths. */
    case Places = 'places';
    /** A whole number. */
    case Count = 'count';
    /** One of a few words. */
    case Choice = 'choice';
    /** Yes or no. */
    case Truth = 'truth';
    case Text = 'text';
    /** Names in order. */
    case Names = 'names';
    /** Fields that belong together, by their names. */
    case Group = 'group';
    /** Any number of the same group, in order. */
    case Listing = 'list';
}
