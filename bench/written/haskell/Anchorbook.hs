module Main where

import Data.List (sortBy⟪⟶, maximumBy⟫)
import Data.Ord (comparing)

data Anchor = Anchor
    { name :: String
    , weight :: Double
    , chain :: Int
    } deriving (Show⟪⟶, Eq⟫)

anchors :: [Anchor]
anchors =
    [ Anchor "bow" 45.5 60
    , Anchor "stern" 30 ⟪"40"⟶40⟫
    , Anchor "kedge" 18.25 25
    ]

heaviest :: [Anchor] -> Anchor
heaviest = maximumBy (comparing weight)

total :: [Anchor] -> ⟪Int⟶Double⟫
total list = sum (map weight list)

describe :: Anchor -> String
describe a = name a ++ ": " ++ show (weight a) ++ " kg, " ++ ⟪chain a⟶show (chain a)⟫ ++ " m"

main :: IO ()
main = do
    mapM_ (putStrLn ⟪describe⟶. describe⟫) (sortBy (comparing chain) anchors)
    print (heaviest anchors == head anchors)
    putStrLn ("total " ++ show ⟪total anchors⟶(total anchors)⟫)
