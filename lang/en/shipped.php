<?php

declare(strict_types=1);

// Names and lines that ship with Zolbek stand in database/reference in English; other languages say here what those are called.

return [];
