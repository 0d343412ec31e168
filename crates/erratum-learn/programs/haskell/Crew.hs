module Main where

data Rank = Deckhand | Mate | Captain
  deriving (Show, Eq, Ord)

data Sailor = Sailor
  { name :: String
  , rank :: Rank
  , hours :: Int
  }

crew :: [Sailor]
crew =
  [ Sailor "Okke" Captain 38
  , Sailor "Tjark" Mate 41
  , Sailor "Wiebke" Deckhand 29
  ]

title :: Rank -> String
title Captain = "captain"
title Mate = "mate"
title Deckhand = "deckhand"

average :: [Sailor] -> Double
average [] = 0
average list = fromIntegral total / fromIntegral (length list)
  where
    total = sum (map hours list)

overworked :: Int -> [Sailor] -> [String]
overworked most list = [name one | one <- list, hours one > most]

main :: IO ()
main = do
  mapM_ (\one -> putStrLn (name one ++ ": " ++ title (rank one))) crew
  print (overworked 40 crew)
  print (average crew)
