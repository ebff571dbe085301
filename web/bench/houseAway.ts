import { ref } from 'vue'

/** Whether the house did not answer when it was last spoken to. What a service worker kept of it is no answer. */
export const houseAway = ref(false)
