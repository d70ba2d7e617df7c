<?php

declare(strict_types=1);

// PHP 8.5 has this function; Symfony's error handler calls it, and the polyfill package for it is not everywhere to be had.
if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}
