/**
 * What a workshop has lying about: pieces of cable with their lengths, connectors, sleeves and parts with their counts.
 * It is held against what a job needs, and what a job takes is counted off. Nothing here touches a disk.
 */
package wegweiser.core.shelf;
