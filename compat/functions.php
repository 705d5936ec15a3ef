<?php

declare(strict_types=1);

// The two functions of PHP 8.5 that Laravel uses; the package that supplies them is not to be had everywhere.

if (! function_exists('array_first')) {
    /**
     * @template T
     *
     * @param array<array-key, T> $array
     *
     * @return T|null
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /**
     * @template T
     *
     * @param array<array-key, T> $array
     *
     * @return T|null
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
