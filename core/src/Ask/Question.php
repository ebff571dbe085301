<?php

declare(strict_types=1);

namespace StoneMill\Ask;

/** What the core can be asked, on the command line and over HTTP alike. */
enum Question: string
{
    case Plan = 'plan';
    case Compare = 'compare';
    case Swap = 'swap';
    case Blend = 'blend';
    case Choose = 'choose';
    case Nixtamal = 'nixtamal';
    case Milling = 'milling';
    case Label = 'label';
    case Shape = 'shape';
    case Bake = 'bake';
    case Turns = 'turns';
    case Loads = 'loads';
    case Calibrate = 'calibrate';
    case Practice = 'practice';
    case Day = 'day';
    case Sheet = 'sheet';
    case Learn = 'learn';
    case Causes = 'causes';
    case Trial = 'trial';
    case Riddle = 'riddle';
    case Formula = 'formula';
    case Bags = 'bags';
    case Past = 'past';
}
