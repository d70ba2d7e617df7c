<?php

declare(strict_types=1);

// What every answer says to a browser, a page as well as a file that the server hands out before the application is asked.
return [
    'X-Content-Type-Options' => 'nosniff',
    'Referrer-Policy' => 'same-origin',
    'Cross-Origin-Opener-Policy' => 'same-origin',
    'Cross-Origin-Resource-Policy' => 'same-origin',
];
