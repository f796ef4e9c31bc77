// What every page has: the finder, and choices in lists that take effect when they are made.
import './finder.js';
import './choices.js';
