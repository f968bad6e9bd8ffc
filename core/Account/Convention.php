<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

/** A school of counting net carbs; what each takes off is in `NetCarbs`. */
enum Convention: string
{
    case LowCarb = 'low-carb';
    case HalfPolyol = 'half-polyol';
    case Weighted = 'weighted';
    case Available = 'available';
    case Clinic = 'clinic';
}
